'use client';

import { say, term } from '@/core/words/say';
import { yupResolver } from '@hookform/resolvers/yup';
import Alert from '@mui/material/Alert';
import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import TextField from '@mui/material/TextField';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { Controller, useFieldArray, useForm, type FieldPath } from 'react-hook-form';
import { BATTERS } from '@/core/formula/formula';
import {
  draftKey,
  EMPTY_STEP,
  formulaForm,
  WAIT_PLACES,
  type FormulaForm,
  type StepForm,
} from '@/core/input/formula-input';
import { PURPOSES } from '@/core/formula/formula';
import type { FormulaEditView } from '@/server/formulas/formula-pages';
import { saveFormulaAction } from '../actions';
import { Page } from '../parts/page';
import { BestFields } from './best-fields';
import { FormText } from './form-text';
import { LineFields } from './line-fields';
import { StepLadder } from './step-ladder';
import { KitchenLink } from '../kitchens/kitchen-link';
import { useInKitchen } from '../kitchens/in-kitchen';
import { showAgain } from '../parts/show-again';

const LOST = say`The server did not answer. What you typed is still here: save again.`;

/** A key that no step of the form has. */
function nextDraft(steps: StepForm[]): string {
  let n = steps.length;
  while (steps.some((s) => s.key === draftKey(n))) n++;
  return draftKey(n);
}

/** A formula to be written or changed; saving makes its next version. */
export function FormulaEditor({ view }: { view: FormulaEditView }) {
  const router = useRouter();
  const within = useInKitchen();
  const [opened] = useState(view.version);
  const [problem, setProblem] = useState<string | null>(null);
  const { control, handleSubmit, setError, formState, getValues } = useForm<FormulaForm>({
    resolver: yupResolver(formulaForm),
    defaultValues: view.form,
    mode: 'onTouched',
  });
  const lines = useFieldArray({ control, name: 'lines' });
  const steps = useFieldArray({ control, name: 'steps' });
  const save = handleSubmit(
    async (values) => {
      setProblem(null);
      try {
        const result = await saveFormulaAction(view.id, opened, values);
        if (result.ok) {
          router.push(within(`/formulas/${result.id}`));
          showAgain(router);
          return;
        }
        setProblem(result.message);
        for (const [field, message] of Object.entries(result.fields ?? {}))
          setError(field as FieldPath<FormulaForm>, { type: 'server', message });
      } catch {
        setProblem(LOST);
      }
    },
    () => setProblem(say`Some fields need another look: they are marked below.`),
  );
  return (
    <Page
      title={view.id === null ? say`New formula` : say`Change ${view.form.name}`}
      detail={
        view.id === null
          ? undefined
          : say`Saved, it becomes version ${view.version + 1}. Orders that are planned keep the version they have.`
      }
    >
      <Box component="form" method="post" noValidate onSubmit={save} sx={{ display: 'grid', gap: 2.5 }}>
        {problem && <Alert severity="error">{problem}</Alert>}
        <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', md: '1fr 1fr' }, gap: 1.5, columnGap: 3 }}>
          <FormText control={control} name="name" label={say`Name`} />
          <Controller
            control={control}
            name="family"
            render={({ field, fieldState }) => (
              <Autocomplete
                freeSolo
                options={view.families}
                value={field.value}
                onInputChange={(_, text) => field.onChange(text)}
                renderInput={(params) => (
                  <TextField
                    {...params}
                    label={say`Family`}
                    error={fieldState.invalid}
                    helperText={fieldState.error?.message ?? ' '}
                  />
                )}
              />
            )}
          />
          <FormText control={control} name="story" label={say`In a sentence`} />
          <FormText
            control={control}
            name="purpose"
            label={say`It is for`}
            options={PURPOSES.map((p) => ({ value: p, name: term(p) }))}
          />
          <FormText
            control={control}
            name="batter"
            label={say`Batter`}
            options={['', ...BATTERS].map((b) => ({ value: b, name: b ? term(b) : say`none` }))}
          />
          <Box sx={{ display: 'flex', gap: 1.5 }}>
            <FormText control={control} name="loss" label={say`Loss, %`} number />
            <FormText control={control} name="density" label={say`Finished, g/ml`} number />
            <FormText control={control} name="stands" label={say`Mix stands, min`} number />
          </Box>
          <Controller
            control={control}
            name="domes"
            render={({ field }) => (
              <FormControlLabel
                label={say`Domes in the oven: it is levelled`}
                control={<Checkbox checked={field.value} onChange={(_, on) => field.onChange(on)} />}
              />
            )}
          />
        </Box>
        <Box component="section" aria-label={say`Ingredients`}>
          <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 1 }}>{say`Ingredients`}</Box>
          {lines.fields.map((line, i) => (
            <LineFields
              key={line.id}
              control={control}
              index={i}
              ingredients={view.ingredients}
              onRemove={() => lines.remove(i)}
            />
          ))}
          <ListProblem message={formState.errors.lines?.message ?? formState.errors.lines?.root?.message} />
          <Button
            variant="outlined"
            color="secondary"
            onClick={() => lines.append({ ingredient: '', grams: 100, into: '' })}
          >{say`Add an ingredient`}</Button>
        </Box>
        <Box component="section" aria-label={say`Steps`}>
          <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 0.5 }}>{say`Steps`}</Box>
          <Box
            sx={{ color: 'var(--zl-muted)', mb: 1, fontSize: 14 }}
          >{say`Drag a rung by its handle, or focus the handle and press space, the arrows, space. The wait below a rung goes with it.`}</Box>
          <StepLadder
            control={control}
            ids={steps.fields.map((f) => f.id)}
            skills={view.skills}
            nameOf={(i) => getValues(`steps.${i}.name`)}
            onMove={steps.move}
            onRemove={steps.remove}
          />
          <ListProblem message={formState.errors.steps?.message ?? formState.errors.steps?.root?.message} />
          <Button
            variant="outlined"
            color="secondary"
            onClick={() => steps.append({ ...EMPTY_STEP, key: nextDraft(getValues('steps')) })}
          >{say`Add a step`}</Button>
        </Box>
        <Box
          component="section"
          aria-label={say`Keeping`}
          sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', md: '1fr 1fr' }, gap: 1.5, columnGap: 3 }}
        >
          <Box sx={{ display: 'flex', gap: 1.5 }}>
            <FormText control={control} name="keepMin" label={say`Used after, min`} number />
            <FormText control={control} name="keepMax" label={say`Keeps, min`} number />
            <FormText
              control={control}
              name="keepPlace"
              label={say`Where`}
              options={WAIT_PLACES.map((p) => ({ value: p, name: term(p || 'bench') }))}
            />
          </Box>
          <BestFields control={control} />
          <FormText control={control} name="rescue" label={say`If it goes wrong`} />
          <FormText control={control} name="note" label={say`What was changed`} />
        </Box>
        <Box sx={{ display: 'flex', gap: 1 }}>
          <Button type="submit" size="large" variant="contained" disabled={formState.isSubmitting}>
            {view.id === null ? say`Save the formula` : say`Save as version ${view.version + 1}`}
          </Button>
          <Button
            size="large"
            color="secondary"
            component={KitchenLink}
            href={view.id === null ? '/formulas' : `/formulas/${view.id}`}
          >{say`Cancel`}</Button>
        </Box>
      </Box>
    </Page>
  );
}

function ListProblem({ message }: { message: string | undefined }) {
  if (!message) return null;
  return (
    <Box role="alert" sx={{ color: 'var(--zl-missesText)', mb: 1 }}>
      {message}
    </Box>
  );
}
