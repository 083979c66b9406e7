'use client';

import { yupResolver } from '@hookform/resolvers/yup';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { useForm, useWatch, type Control, type FieldPath } from 'react-hook-form';
import { NO_DAY } from '@/core/design/undecided';
import { buildForm, type BuildForm } from '@/core/input/build-input';
import { counted } from '@/core/measure/counted';
import { say } from '@/core/words/say';
import type { BuildView } from '@/server/builds/build-pages';
import { retireBuildAction, saveBuildAction } from '../actions';
import { sumsLine } from '../compose/answer-foot';
import { CakeHead, CakePane } from '../compose/cake-pane';
import '../compose/compose.css';
import { LeftDraft } from '../compose/left-draft';
import { Touched } from '../compose/touched';
import { useComposed } from '../compose/use-composed';
import { useKeptDraft } from '../compose/use-kept-draft';
import { WholeCake } from '../compose/whole-cake';
import { useInKitchen } from '../kitchens/in-kitchen';
import { KitchenLink } from '../kitchens/kitchen-link';
import { showAgain } from '../parts/show-again';
import { useAction } from '../parts/use-action';
import { BuildNameFields, ChosenSizes, FixedParts } from './build-fields';

const LIST = '/kitchen/builds';
const LOST = say`The server did not answer. What you composed is still here: try again.`;
const MARKED = say`Some fields need another look: they are marked.`;

/** Nobody has ordered it: it says nothing, leaves nothing out, and chooses no ways. */
const ANSWERS = { inscription: '', without: [], choices: {} };
/** Whom it would harm is asked with an order. */
const NOBODY: never[] = [];

/** A build composed on its own cake, cut open: what it is called and what may vary on the left, what is touched on the right. */
export function BuildComposer({ view }: { view: BuildView }) {
  const { id, version, said, document: stored } = view;
  const router = useRouter();
  const within = useInKitchen();
  const [problem, setProblem] = useState<string | null>(null);
  const composed = useComposed(view.design, ANSWERS);
  const { design, change, choose, place, kitchen, reckoned, isChanged } = composed;
  const { control, handleSubmit, setError, reset, formState } = useForm({
    resolver: yupResolver(buildForm),
    defaultValues: { ...said, design: '{}' },
    mode: 'onTouched',
  });
  const fields = control as unknown as Control<BuildForm>;
  const values = useWatch({ control }) as BuildForm;
  const { left, forget, takeUp } = useKeptDraft(
    `zl-build ${within(LIST)} ${id ?? 'new'} ${version}`,
    { values, design },
    isChanged || formState.isDirty,
  );
  const save = handleSubmit(
    async (typed) => {
      setProblem(null);
      try {
        const whole = { ...typed, design: JSON.stringify({ ...design, ...stored }) };
        const result = await saveBuildAction({ id, version }, whole);
        if (result.ok) {
          forget();
          router.push(within(LIST));
          showAgain(router);
          return;
        }
        setProblem([result.message, result.fields?.design].filter(Boolean).join(' '));
        for (const [name, message] of Object.entries(result.fields ?? {}))
          setError(name as FieldPath<BuildForm>, { type: 'server', message });
      } catch {
        setProblem(LOST);
      }
    },
    () => setProblem(MARKED),
  );
  const { sums, problems } = reckoned;
  const shared = { design, kitchen: kitchen!, avoid: NOBODY, change };

  return (
    <Box component="main" id="main" className="zl-compose">
      <Box component="form" className="zl-compose-order" noValidate onSubmit={save}>
        <Box component="h1" sx={{ typography: 'h1', m: 0, mb: 1.5, overflowWrap: 'anywhere' }}>
          {id === null ? values.name || say`A new build` : say`Change ${said.name}`}
        </Box>
        {problem && (
          <Alert severity="error" sx={{ mb: 2 }}>
            {problem}
          </Alert>
        )}
        {view.orders > 0 && (
          <Box sx={{ color: 'var(--zl-muted)', mb: 1.5 }}>
            {say`${counted(view.orders, 'open order')} began from it: they stay as they are.`}
          </Box>
        )}
        <Box sx={{ display: 'grid' }}>
          <BuildNameFields control={fields} />
        </Box>
        {kitchen && <ChosenSizes control={fields} moulds={kitchen.moulds} design={design} />}
        <FixedParts control={fields} design={design} />
        {id !== null && <BuildActs id={id} version={version} retired={view.retired} />}
      </Box>

      <Box component="section" className="zl-compose-cake" aria-label={say`The cake`}>
        <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, flexWrap: 'wrap' }}>
          <CakeHead composed={composed} />
          <Button color="secondary" size="small" component={KitchenLink} href={LIST}>{say`Cancel`}</Button>
        </Box>
        <LeftDraft
          name={left && (left.values.name || say`A new build`)}
          onTakeUp={() => {
            reset(left!.values, { keepDefaultValues: true });
            change(() => left!.design);
            takeUp();
          }}
          onForget={forget}
        />
        {reckoned.failed && <Alert severity="error">{reckoned.failed}</Alert>}
        <CakePane composed={composed} avoid={NOBODY} agreeBy={NO_DAY} cost={null} />
      </Box>

      <Box component="section" className="zl-compose-touched" aria-label={say`What is touched`}>
        {!sums || !kitchen ? null : place ? (
          <Touched {...shared} place={place} sums={sums} problems={problems} agreeBy={NO_DAY} onChoose={choose} />
        ) : (
          <WholeCake {...shared} sums={sums} contacts={NOBODY} choices={ANSWERS.choices} onChoose={null} />
        )}
      </Box>

      <Box className="zl-compose-foot">
        <Box role="status" sx={{ flex: '1 1 0', minWidth: 0 }}>
          {problems.length > 0 ? (
            <b style={{ color: 'var(--zl-missesText)', fontSize: 18 }}>■ {problems[0]!.message}</b>
          ) : (
            sums && (
              <Box className="zl-compose-sums" sx={{ color: 'var(--zl-muted)', fontSize: 14 }}>
                {sumsLine(sums, null)}
              </Box>
            )
          )}
        </Box>
        <Button
          variant="contained"
          size="large"
          disabled={formState.isSubmitting || problems.length > 0}
          onClick={() => void save()}
        >
          {say`Save the build`}
        </Button>
      </Box>
    </Box>
  );
}

/** Another like it, and the way out of use and back. */
function BuildActs({ id, version, retired }: { id: string; version: number; retired: boolean }) {
  const router = useRouter();
  const within = useInKitchen();
  const action = useAction();
  const retire = () =>
    action.run(async () => {
      const result = await retireBuildAction({ id, version, retired: !retired });
      if (result.ok) router.push(within(LIST));
      return result;
    });
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 2 }}>
      <Button
        color="secondary"
        size="small"
        variant="outlined"
        component={KitchenLink}
        href={`/builds/new?from=${encodeURIComponent(id)}`}
      >{say`Another like it`}</Button>
      <Button color="secondary" size="small" variant="outlined" disabled={action.busy} onClick={retire}>
        {retired ? say`Into use again` : say`Take out of use`}
      </Button>
      {action.message}
    </Box>
  );
}
