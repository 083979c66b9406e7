'use client';

import { say } from '@/core/words/say';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useState, type FormEventHandler, type ReactNode } from 'react';
import type { RegisterName } from '@/core/stored/registers';
import { retireEntryAction } from '../actions';
import { KitchenLink } from '../kitchens/kitchen-link';
import { useInKitchen } from '../kitchens/in-kitchen';
import { Page } from '../parts/page';
import { showAgain } from '../parts/show-again';
import { useAction } from '../parts/use-action';

interface EntryPageProps {
  title: string;
  /** Where the list is that it belongs to. */
  back: string;
  form: {
    problem: string | null;
    moves: string | null;
    busy: boolean;
    submit: FormEventHandler;
    submitSure: FormEventHandler;
    letBe: () => void;
  };
  /** The entry that is changed; none while it is new. */
  entry: { id: string; version: number; retiredAt: Date | null } | null;
  register: RegisterName;
  /** What taking it out of use is called, where that is something else. */
  retires?: string | undefined;
  /** "7 open orders use it". */
  touches?: ReactNode;
  children: ReactNode;
}

/** The page of one entry of the kitchen: its fields, what it touches, and the way out of use and back. */
export function EntryPage({ title, back, form, entry, register, retires, touches, children }: EntryPageProps) {
  return (
    <Page title={title} detail={touches ?? undefined}>
      <Box component="form" method="post" noValidate onSubmit={form.submit} sx={{ display: 'grid', gap: 2 }}>
        {children}
        {form.problem && <Alert severity="error">{form.problem}</Alert>}
        {form.moves && <Moves text={form.moves} form={form} />}
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
          <Button type="submit" variant="contained" size="large" disabled={form.busy}>
            {form.busy ? say`Trying it on the plan…` : say`Save`}
          </Button>
          <Button component={KitchenLink} href={back} variant="outlined" color="secondary" size="large">
            {say`Back without saving`}
          </Button>
          <Box sx={{ flex: 1 }} />
          {entry && <Retire entry={entry} register={register} back={back} called={retires ?? say`Take out of use`} />}
        </Box>
      </Box>
    </Page>
  );
}

/** What would leave later: somebody decides. */
function Moves({ text, form }: { text: string; form: EntryPageProps['form'] }) {
  return (
    <Alert severity="warning" role="alertdialog" aria-label={say`It moves pickups`}>
      <Box sx={{ mb: 1 }}>{text}</Box>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <Button variant="contained" disabled={form.busy} onClick={(e) => form.submitSure(e as never)}>
          {say`Save it all the same`}
        </Button>
        <Button variant="outlined" color="secondary" onClick={form.letBe}>{say`Change it again`}</Button>
      </Box>
    </Alert>
  );
}

/** Nothing that was in use is deleted: it is taken out of use, and comes back. */
function Retire({
  entry,
  register,
  back,
  called,
}: Pick<EntryPageProps, 'register' | 'back'> & { entry: NonNullable<EntryPageProps['entry']>; called: string }) {
  const router = useRouter();
  const within = useInKitchen();
  const action = useAction();
  const [moves, setMoves] = useState<string | null>(null);
  const retired = entry.retiredAt === null;
  const run = (sure?: true) =>
    action.run(async () => {
      const result = await retireEntryAction(register, { id: entry.id, version: entry.version, retired, sure });
      if (!result.ok && result.asks === 'sure') {
        setMoves(result.message);
        return { ok: true };
      }
      if (result.ok) {
        router.push(within(back));
        showAgain(router);
      }
      return result;
    });
  return (
    <>
      {moves && (
        <Alert severity="warning" sx={{ width: '100%' }}>
          <Box sx={{ mb: 1 }}>{moves}</Box>
          <Button variant="outlined" color="secondary" disabled={action.busy} onClick={() => run(true)}>
            {say`Take it out of use all the same`}
          </Button>
        </Alert>
      )}
      <Button color="secondary" size="large" disabled={action.busy} onClick={() => run()}>
        {retired ? called : say`Into use again`}
      </Button>
      {action.message}
    </>
  );
}
