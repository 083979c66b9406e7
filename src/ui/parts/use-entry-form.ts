'use client';

import { say } from '@/core/words/say';
import { yupResolver } from '@hookform/resolvers/yup';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { useForm, type DefaultValues, type FieldPath, type FieldValues, type Resolver } from 'react-hook-form';
import type { ObjectSchema } from 'yup';
import type { Result } from '@/server/shared/result';
import { useInKitchen } from '../kitchens/in-kitchen';
import { useOpenForm } from './open-forms';
import { showAgain } from './show-again';

const LOST = say`The server did not answer. What you typed is still here: save again.`;
const MARKED = say`Some fields need another look: they are marked.`;

interface EntryFormOptions<F extends FieldValues, Saved extends object> {
  schema: ObjectSchema<F>;
  start: F;
  /** Sends it; `sure` once somebody has been told what moves by it. */
  save: (form: F, sure: true | undefined) => Promise<Result<Saved>>;
  /** Where one goes on once it is kept. */
  after: string | ((saved: Saved) => string);
}

/**
 * A form of an entry of the kitchen, or of a formula: checked while it is typed, kept as it is where the server says no or nothing, and asking again where what is
 * saved moves pickups.
 */
export function useEntryForm<F extends FieldValues, Saved extends object = object>({
  schema,
  start,
  save,
  after,
}: EntryFormOptions<F, Saved>) {
  const router = useRouter();
  const within = useInKitchen();
  const [problem, setProblem] = useState<string | null>(null);
  /** What moves by it, until somebody has said that it may. */
  const [moves, setMoves] = useState<string | null>(null);
  const { control, handleSubmit, setError, formState, setValue, getValues, reset } = useForm<F>({
    resolver: yupResolver(schema) as unknown as Resolver<F>,
    defaultValues: start as DefaultValues<F>,
    mode: 'onTouched',
  });
  /** What was saved last on this page, as text. */
  const [saved, setSaved] = useState<string | null>(null);
  const send = (sure: true | undefined, onSaved: (result: Saved) => void) =>
    handleSubmit(
      async (form) => {
        setProblem(null);
        setMoves(null);
        try {
          const result = await save(form, sure);
          if (result.ok) {
            setSaved(JSON.stringify(getValues()));
            onSaved(result);
            return;
          }
          if (result.asks === 'sure') setMoves(result.message);
          else setProblem(result.message);
          for (const [field, message] of Object.entries(result.fields ?? {}))
            setError(field as FieldPath<F>, { type: 'server', message });
        } catch {
          setProblem(LOST);
        }
      },
      () => setProblem(MARKED),
    );
  const goOn = (result: Saved) => {
    router.push(within(typeof after === 'string' ? after : after(result)));
    showAgain(router);
  };
  useOpenForm(formState.isDirty, async () => {
    let kept = JSON.stringify(getValues()) === saved;
    if (kept) return true;
    await send(undefined, () => (kept = true))();
    return kept;
  });
  return {
    ...{ control, formState, setValue, getValues, reset, problem, moves, busy: formState.isSubmitting },
    submit: send(undefined, goOn),
    submitSure: send(true, goOn),
    letBe: () => setMoves(null),
  };
}
