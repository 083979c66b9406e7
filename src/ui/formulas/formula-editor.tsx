'use client';

import { say, term } from '@/core/words/say';
import Alert from '@mui/material/Alert';
import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import TextField from '@mui/material/TextField';
import { useEffect, useState } from 'react';
import { Controller, useFieldArray, useWatch } from 'react-hook-form';
import type { ObjectSchema } from 'yup';
import { BATTERS } from '@/core/formula/formula';
import { formulaForm, type FormulaForm } from '@/core/input/formula-input';
import { EMPTY_LINE } from '@/core/input/formula-line-input';
import { draftKey, EMPTY_STEP, type StepForm } from '@/core/input/formula-step-input';
import type { ReportLine } from '@/core/exchange/foreign-recipe';
import { PURPOSES } from '@/core/formula/formula';
import type { FormulaEditView } from '@/server/formulas/formula-pages';
import { saveFormulaAction } from '../actions';
import { Page } from '../parts/page';
import { useEntryForm } from '../parts/use-entry-form';
import { FormText } from '../parts/form-text';
import { FreshIngredients, type Fresh } from './fresh-ingredients';
import { GapList } from './gap-list';
import { KeepingFields } from './keeping-fields';
import { LineFields } from './line-fields';
import { MoreOfFormula } from './more-of-formula';
import { takeDraft } from './draft';
import { TypedDraft } from './typed-draft';
import { useUsual } from './use-usual';
import { StepLadder } from './step-ladder';
import { KitchenLink } from '../kitchens/kitchen-link';

/** A key that no step of the form has. */
function nextDraft(steps: StepForm[]): string {
  let n = steps.length;
  while (steps.some((s) => s.key === draftKey(n))) n++;
  return draftKey(n);
}

/** A formula to be written or changed; saving makes its next version. */
export function FormulaEditor({ view }: { view: FormulaEditView }) {
  const [opened] = useState(view.version);
  const form = useEntryForm<FormulaForm, { id: string }>({
    ...{ schema: formulaForm as ObjectSchema<FormulaForm>, start: view.form },
    save: (typed, sure) => saveFormulaAction(view.id, opened, typed, sure),
    after: ({ id }) => `/formulas/${id}`,
  });
  const { control, setValue, formState, getValues, reset } = form;
  /** What a text or a file did not say, or what was guessed of it. */
  const [report, setReport] = useState<ReportLine[] | null>(null);
  const draft = (form: FormulaForm, told: ReportLine[]) => {
    reset(form);
    setReport(told);
  };
  /** What is bought is weighed out, and nothing of it is lost. */
  const bought = () => {
    const step = { ...EMPTY_STEP, key: draftKey(0), name: say`Weigh it out`, low: 1, likely: 2, high: 4 };
    reset({ ...getValues(), loss: 0, keepMin: 0, steps: [step] }, { keepDirtyValues: false });
  };
  // A draft that the import has left for this page.
  useEffect(() => {
    const timer = setTimeout(() => {
      const left = view.id === null ? takeDraft() : null;
      if (left) draft(left.form, left.report);
    });
    return () => clearTimeout(timer);
    // Once, when the page is opened.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);
  const fresh = useWatch({ control, name: 'fresh' });
  const usual = useUsual({
    control,
    setValue,
    usual: view.id === null && !view.copied ? view.usual : {},
    keepingTold: report !== null,
  });
  const lines = useFieldArray({ control, name: 'lines' });
  const steps = useFieldArray({ control, name: 'steps' });
  return (
    <Page
      title={view.id === null ? say`New formula` : say`Change ${view.form.name}`}
      detail={
        view.id === null
          ? undefined
          : say`Saved, it becomes version ${view.version + 1}. Orders that are planned keep the version they have.`
      }
    >
      <Box component="form" method="post" noValidate onSubmit={form.submit} sx={{ display: 'grid', gap: 2.5 }}>
        {form.problem && <Alert severity="error">{form.problem}</Alert>}
        {view.id === null && !view.copied && <TypedDraft cups={view.cups} onRead={draft} onBought={bought} />}
        {report && <Report lines={report} />}
        {fresh.length > 0 && (
          <FreshIngredients
            fresh={fresh as Fresh[]}
            onChange={(all) => setValue('fresh', all, { shouldDirty: true })}
          />
        )}
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
                onInputChange={(_, text, why) => {
                  field.onChange(text);
                  // What the page itself puts in is no choice.
                  if (why === 'input' || why === 'selectOption') usual.choose(text);
                }}
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
        {usual.note}
        <MoreOfFormula control={control} tins={view.tins} />
        <Box component="section" aria-label={say`Ingredients`}>
          <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 1 }}>{say`Ingredients`}</Box>
          {lines.fields.map((line, i) => (
            <LineFields
              key={line.id}
              control={control}
              index={i}
              ingredients={[...view.ingredients, ...fresh]}
              formulas={view.formulas}
              onRemove={() => lines.remove(i)}
            />
          ))}
          <ListProblem message={formState.errors.lines?.message ?? formState.errors.lines?.root?.message} />
          <Button
            variant="outlined"
            color="secondary"
            onClick={() => lines.append(EMPTY_LINE)}
          >{say`Add an ingredient or a formula`}</Button>
        </Box>
        <Box component="section" aria-label={say`Steps`}>
          <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 0.5 }}>{say`Steps`}</Box>
          <Box
            sx={{ color: 'var(--zl-muted)', mb: 1, fontSize: 14 }}
          >{say`Drag a rung by its handle, or focus the handle and press space, the arrows, space. The wait above a rung goes with it.`}</Box>
          <StepLadder
            control={control}
            ids={steps.fields.map((f) => f.id)}
            skills={view.skills}
            machines={view.machines}
            places={view.places}
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
        <KeepingFields control={control} places={view.places} />
        <GapList control={control} />
        {form.moves && (
          <Alert
            severity="warning"
            action={<Button color="inherit" onClick={() => void form.submitSure()}>{say`Keep both`}</Button>}
          >
            {form.moves}
          </Alert>
        )}
        <Box sx={{ display: 'flex', gap: 1 }}>
          <Button type="submit" size="large" variant="contained" disabled={form.busy}>
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

/** What of a text or a file has to be looked at: nothing was guessed in silence. */
function Report({ lines }: { lines: ReportLine[] }) {
  return (
    <Box component="section" aria-label={say`What was read`} sx={{ p: 1.5, borderLeft: '4px solid var(--zl-zest)' }}>
      <b>{say`${lines.length} to look at`}</b>
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {lines.map((r) => (
          <li key={`${r.text} ${r.message}`}>
            “{r.text}”: {r.message}
          </li>
        ))}
      </Box>
    </Box>
  );
}
