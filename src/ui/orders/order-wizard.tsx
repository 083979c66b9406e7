'use client';

import { say } from '@/core/words/say';
import { yupResolver } from '@hookform/resolvers/yup';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { useForm, useWatch, type FieldPath } from 'react-hook-form';
import { counted } from '@/core/measure/counted';
import { orderForm, type OrderForm } from '@/core/input/order-input';
import type { OrderFormView } from '@/server/orders/order-pages';
import type { OrderReview } from '@/server/orders/review-order';
import { sizeOf } from '../asking/questions';
import { useAsked } from '../asking/use-asked';
import { changeOrderAction, reviewOrderAction, takeOrderAction } from '../actions';
import { Note } from '../parts/note';
import { Page } from '../parts/page';
import { Avoid, OrderText, Pickup } from './order-fields';
import { ClashNote } from './clash-note';
import { clashWays } from './clash-ways';
import { StepBuild } from './step-build';
import { StepReview } from './step-review';
import { StepSize } from './step-size';
import { KitchenLink } from '../kitchens/kitchen-link';
import { useInKitchen } from '../kitchens/in-kitchen';

const CLASH = say`What its eaters must not get is in it still: see what would do.`;
const LOST = say`The server did not answer. What you typed is still here: try again.`;

/** The steps of an order, each with the fields that it holds. */
const STEPS: { name: string; fields: FieldPath<OrderForm>[] }[] = [
  { name: say`Eaters`, fields: ['title', 'customer', 'pickup', 'portions', 'avoid'] },
  { name: say`Shape`, fields: ['size'] },
  { name: say`Build`, fields: ['build', 'swaps', 'choices'] },
  { name: say`Look`, fields: ['inscription', 'note', 'without'] },
  { name: say`Review`, fields: [] },
];
const REVIEW = STEPS.length - 1;

interface OrderWizardProps {
  /** Null for a new order. */
  id: number | null;
  version: number;
  title: string;
  form: OrderFormView;
}

/** An order step by step; on the last step it is broken down and planned on trial before it is saved. */
export function OrderWizard({ id, version, title, form }: OrderWizardProps) {
  const router = useRouter();
  const within = useInKitchen();
  const { control, handleSubmit, setError, clearErrors, setValue, trigger, getValues, formState } = useForm<OrderForm>({
    resolver: yupResolver(orderForm),
    defaultValues: form.values,
    mode: 'onTouched',
  });
  // What was opened is what is changed: a refresh behind the form must not make a stale edit look new.
  const [opened] = useState(version);
  const [step, setStep] = useState(0);
  const [problem, setProblem] = useState<string | null>(null);
  const [review, setReview] = useState<OrderReview | null>(null);
  /** Shape or build were chosen by somebody: nothing changes them unasked. */
  const [chosen, setChosen] = useState(id !== null);
  /** Another shape has brought another build: what it was before. */
  const [before, setBefore] = useState<Pick<OrderForm, 'size' | 'build' | 'swaps' | 'without'> | null>(null);
  const values = useWatch({ control }) as OrderForm;
  const { errors } = formState;
  const own = useAsked(sizeOf(values.build, values.size)).answer;
  const build = form.builds.find((b) => b.id === values.build);
  const optional = build?.parts.filter((p) => p.optional) ?? [];

  const set = (change: Partial<OrderForm>) => {
    for (const [name, value] of Object.entries(change))
      setValue(name as FieldPath<OrderForm>, value as never, {
        shouldDirty: true,
        shouldValidate: formState.isSubmitted,
      });
  };

  const buildNamed = (of: string) => form.builds.find((b) => b.id === of)?.name ?? of;
  const propose = (size: string, of: string) => set(of === values.build ? { size } : { size, build: of });
  const chooseSize = (size: string, of: string) => {
    setChosen(true);
    if (of === values.build) {
      set({ size });
      return;
    }
    const { build: was, swaps, without } = values;
    if (chosen) setBefore((first) => first ?? { size: values.size, build: was, swaps, without });
    set({ size, build: of, swaps: {}, without: [] });
  };
  const takeBack = () => {
    if (before) set(before);
    setBefore(null);
  };

  /** Shows what the server found wrong beside its field, on the step that holds it. */
  const refused = (message: string, fields: Record<string, string> = {}) => {
    setProblem(message);
    // What is wrong within a list is shown beside the list.
    const named = new Map(Object.entries(fields).map(([field, text]) => [field.split('.')[0]!, text]));
    for (const [field, text] of named) setError(field as FieldPath<OrderForm>, { type: 'server', message: text });
    const wrong = STEPS.findIndex((s) => s.fields.some((f) => named.has(f)));
    if (wrong >= 0) setStep(wrong);
  };

  /** What is wrong with a step beyond its fields, where it can be mended. */
  const amiss = (name: string): { field: FieldPath<OrderForm>; message: string } | null => {
    if (name === 'Build' && build && clashWays(build, getValues()).length > 0)
      return { field: 'build', message: CLASH };
    if (name === 'Shape' && own && own.portions < Number(values.portions))
      return { field: 'size', message: say`This gives ${counted(own.portions, 'portion')}: choose a larger one.` };
    return null;
  };

  const go = async (to: number) => {
    // Forward only over fields that are right; back always.
    for (let s = step; s < to; s++) {
      const right = await trigger(STEPS[s]!.fields, { shouldFocus: true });
      const wrong = amiss(STEPS[s]!.name);
      if (wrong) setError(wrong.field, { type: 'amiss', message: wrong.message });
      if (right && !wrong) continue;
      setStep(s);
      return;
    }
    setProblem(null);
    setStep(to);
    if (to !== REVIEW) return;
    setReview(null);
    try {
      const result = await reviewOrderAction(id, getValues());
      if (result.ok) setReview(result.review);
      else refused(result.message, result.fields);
    } catch {
      setProblem(LOST);
      setStep(REVIEW - 1);
    }
  };

  const save = handleSubmit(
    async (typed) => {
      setProblem(null);
      try {
        const result = id === null ? await takeOrderAction(typed) : await changeOrderAction(id, opened, typed);
        if (result.ok) router.push(within(`/orders/${result.id}`));
        else refused(result.message, result.fields);
      } catch {
        setProblem(LOST);
      }
    },
    (wrong) => {
      const at = STEPS.findIndex((s) => s.fields.some((f) => f in wrong));
      if (at >= 0) setStep(at);
    },
  );

  return (
    <Page
      title={id === null ? say`New order` : say`Change ${title}`}
      actions={
        <Button
          color="secondary"
          component={KitchenLink}
          href={id === null ? '/orders' : `/orders/${id}`}
        >{say`Cancel`}</Button>
      }
    >
      <StepBar step={step} wrong={STEPS.map((s) => s.fields.some((f) => f in errors))} onGo={go} />
      <Box component="form" method="post" noValidate onSubmit={save}>
        {problem && (
          <Alert severity="error" sx={{ mb: 2 }}>
            {problem}
          </Alert>
        )}
        <Box hidden={step !== 0}>
          <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', md: '1fr 1fr' }, columnGap: 4, rowGap: 1.25 }}>
            <Box sx={{ display: 'grid', gap: 1.25, alignContent: 'start' }}>
              <OrderText
                control={control}
                name="title"
                label={say`Name of the order`}
                hint={say`As it should stand on the wall: “Abara christening”`}
              />
              <OrderText control={control} name="customer" label={say`Customer`} />
              <Pickup control={control} form={form} known={id !== null} />
              <OrderText control={control} name="portions" label={say`Portions`} type="number" />
            </Box>
            <Box>
              <Avoid control={control} />
              {chosen && build && <ClashNote build={build} builds={form.builds} values={values} set={set} />}
            </Box>
          </Box>
        </Box>
        {step === 1 && before && (
          <Note>
            {say`Now`} {build?.name}
            {say`, as`} {buildNamed(before.build)} {say`cannot have this shape.`}
            {Object.keys(before.swaps).length + before.without.length > 0 &&
              say` What had been exchanged or left out belongs to the build before, and is gone with it.`}{' '}
            <Button size="small" variant="outlined" color="secondary" onClick={takeBack}>{say`Take it back`}</Button>
          </Note>
        )}
        {step === 1 && (
          <StepSize
            portions={Number(values.portions)}
            size={values.size}
            builds={form.builds}
            build={values.build}
            own={own ?? null}
            open={!chosen}
            problem={errors.size?.message}
            onPropose={propose}
            onChoose={chooseSize}
          />
        )}
        {step === 2 && (
          <StepBuild
            values={values}
            builds={form.builds}
            set={(change) => {
              setChosen(true);
              setBefore(null);
              clearErrors('build');
              set(change);
            }}
            problem={errors.build?.message ?? (errors.swaps as { message?: string } | undefined)?.message}
          />
        )}
        <Box hidden={step !== 3}>
          <Box sx={{ display: 'grid', gap: 1.5, maxWidth: 560 }}>
            <OrderText
              control={control}
              name="inscription"
              label={say`Inscription`}
              hint={say`Letter for letter, as it should stand on the cake`}
            />
            {optional.length > 0 && (
              <Box component="fieldset" sx={{ border: 0, p: 0, m: 0 }}>
                <Box component="legend" sx={{ color: 'var(--zl-muted)', p: 0 }}>{say`Decoration`}</Box>
                {optional.map((p) => (
                  <FormControlLabel
                    key={p.role}
                    sx={{ display: 'flex' }}
                    label={p.label}
                    control={
                      <Checkbox
                        checked={!values.without.includes(p.role)}
                        onChange={(_, on) =>
                          set({
                            without: on ? values.without.filter((r) => r !== p.role) : [...values.without, p.role],
                          })
                        }
                      />
                    }
                  />
                ))}
              </Box>
            )}
            <OrderText control={control} name="note" label={say`Note for the kitchen`} multiline />
          </Box>
        </Box>
        {step === REVIEW && <StepReview review={review} />}
        <Box sx={{ display: 'flex', gap: 1, mt: 3 }}>
          {step > 0 && (
            <Button size="large" variant="outlined" color="secondary" onClick={() => go(step - 1)}>{say`Back`}</Button>
          )}
          {step < REVIEW && (
            <Button size="large" variant="contained" onClick={() => go(step + 1)}>
              {step === REVIEW - 1 ? say`Review` : say`On to ${STEPS[step + 1]!.name.toLowerCase()}`}
            </Button>
          )}
          {step === REVIEW && (
            <Button type="submit" size="large" variant="contained" disabled={formState.isSubmitting || !review}>
              {formState.isSubmitting ? say`Planning…` : id === null ? say`Save and plan` : say`Save the change`}
            </Button>
          )}
        </Box>
      </Box>
    </Page>
  );
}

/** Where one is: the steps as rungs between two rails lying down. */
function StepBar({ step, wrong, onGo }: { step: number; wrong: boolean[]; onGo: (to: number) => void }) {
  return (
    <Box
      component="ol"
      aria-label={say`Steps of the order`}
      sx={{
        display: 'grid',
        gridTemplateColumns: `repeat(${STEPS.length}, 1fr)`,
        listStyle: 'none',
        m: 0,
        mb: 2.5,
        p: 0,
        borderTop: '3px solid var(--zl-ink)',
        borderBottom: '3px solid var(--zl-ink)',
        maxWidth: 760,
      }}
    >
      {STEPS.map((s, i) => (
        <Box key={s.name} component="li" sx={{ borderLeft: i > 0 ? '2px solid var(--zl-line)' : 0 }}>
          <Box
            component="button"
            type="button"
            aria-current={i === step ? 'step' : undefined}
            onClick={() => onGo(i)}
            sx={{
              width: '100%',
              minHeight: 44,
              border: 0,
              font: 'inherit',
              cursor: 'pointer',
              color: i === step ? 'var(--zl-onZest)' : 'inherit',
              bgcolor: i === step ? 'var(--zl-zest)' : i < step ? 'var(--zl-card)' : 'transparent',
              fontWeight: i === step ? 700 : 400,
            }}
          >
            {wrong[i] ? '■ ' : ''}
            {s.name}
          </Box>
        </Box>
      ))}
    </Box>
  );
}
