'use client';

import { say } from '@/core/words/say';
import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Close from '@mui/icons-material/Close';
import { useState } from 'react';
import { Controller, useController, useWatch, type Control } from 'react-hook-form';
import type { FormulaForm } from '@/core/input/formula-input';
import type { FormulaEditView } from '@/server/formulas/formula-pages';
import { FormText } from '../parts/form-text';

interface LineProps {
  control: Control<FormulaForm>;
  index: number;
  ingredients: FormulaEditView['ingredients'];
  /** Other formulas that may go in. */
  formulas: FormulaEditView['formulas'];
}

/** One thing that goes into a formula, an ingredient or another formula: what, how much, and the step it goes into. */
export function LineFields({ control, index, ingredients, formulas, onRemove }: LineProps & { onRemove: () => void }) {
  const line = useWatch({ control, name: `lines.${index}` });
  const isFormula = line.formula !== '';
  const said = line.note !== '' || line.low !== null || line.high !== null || line.keeps !== null;
  const [open, setOpen] = useState(said);
  return (
    <Box>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: {
            xs: '92px minmax(0, 1fr) 64px',
            sm: 'minmax(0, 380px) 110px minmax(0, 240px) auto 44px',
          },
          gap: 1,
          alignItems: 'flex-start',
        }}
      >
        <Box sx={{ gridColumn: { xs: '1 / 3', sm: 'auto' } }}>
          <WhatField {...{ control, index, ingredients, formulas }} />
        </Box>
        <Box sx={{ gridRow: { xs: 2, sm: 'auto' } }}>
          <FormText control={control} name={`lines.${index}.grams`} label="g" number />
        </Box>
        <Box sx={{ gridRow: { xs: 2, sm: 'auto' }, mb: { xs: 1, sm: 0 } }}>
          <StepField control={control} index={index} />
        </Box>
        <Button
          color="secondary"
          aria-expanded={open}
          aria-label={say`More of ingredient ${index + 1}`}
          onClick={() => setOpen(!open)}
          sx={{ gridRow: { xs: 2, sm: 'auto' }, gridColumn: { xs: 3, sm: 'auto' }, justifySelf: 'start' }}
        >
          {say`More`}
        </Button>
        <IconButton
          aria-label={say`Take ingredient ${index + 1} out`}
          onClick={onRemove}
          sx={{ width: 44, height: 44, gridColumn: { xs: 3, sm: 'auto' }, gridRow: { xs: 1, sm: 'auto' } }}
        >
          <Close />
        </IconButton>
      </Box>
      {open && (
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', pl: { xs: 0, sm: 2 }, mb: 1 }}>
          <FormText control={control} name={`lines.${index}.note`} label={say`Note or use`} sx={{ width: 220 }} />
          {!isFormula && (
            <>
              <FormText control={control} name={`lines.${index}.low`} label={say`from, g`} number sx={{ width: 96 }} />
              <FormText control={control} name={`lines.${index}.high`} label={say`to, g`} number sx={{ width: 96 }} />
              <FormText
                control={control}
                name={`lines.${index}.sign`}
                label={say`until`}
                hint={say`to texture or to taste`}
                sx={{ width: 220 }}
              />
              <FormText
                control={control}
                name={`lines.${index}.keeps`}
                label={say`% that goes in`}
                hint={say`of what is bought`}
                number
                sx={{ width: 140 }}
              />
            </>
          )}
        </Box>
      )}
    </Box>
  );
}

/** Ingredients first, then formulas: which it is follows from what is chosen. */
function WhatField({ control, index, ingredients, formulas }: LineProps) {
  const ingredient = useController({ control, name: `lines.${index}.ingredient` });
  const formula = useController({ control, name: `lines.${index}.formula` });
  const all = [
    ...ingredients.map((i) => ({ ...i, of: say`Ingredients` })),
    ...formulas.map((f) => ({ ...f, of: say`Formulas of this kitchen` })),
  ];
  const chosen = formula.field.value
    ? all.find((o) => o.id === formula.field.value && o.of !== say`Ingredients`)
    : all.find((o) => o.id === ingredient.field.value && o.of === say`Ingredients`);
  const problem = ingredient.fieldState.error?.message ?? formula.fieldState.error?.message;
  return (
    <Autocomplete
      options={all}
      groupBy={(o) => o.of}
      getOptionLabel={(o) => o.name}
      getOptionKey={(o) => `${o.of} ${o.id}`}
      isOptionEqualToValue={(a, b) => a.id === b.id && a.of === b.of}
      value={chosen ?? null}
      onChange={(_, next) => {
        const isIngredient = next?.of === say`Ingredients`;
        ingredient.field.onChange(next && isIngredient ? next.id : '');
        formula.field.onChange(next && !isIngredient ? next.id : '');
      }}
      onBlur={ingredient.field.onBlur}
      renderInput={(params) => (
        <TextField
          {...params}
          inputRef={ingredient.field.ref}
          label={say`Ingredient ${index + 1}`}
          error={problem !== undefined}
          helperText={problem ?? ' '}
        />
      )}
    />
  );
}

/** Where it goes: what is taken out of the cold or soaked is so in time for that step. */
function StepField({ control, index }: Pick<LineProps, 'control' | 'index'>) {
  const steps = useWatch({ control, name: 'steps' });
  // Two schools may have a step of one key; it is one place to go into.
  const named = steps.filter((s, i) => s.key && steps.findIndex((x) => x.key === s.key) === i);
  return (
    <Controller
      control={control}
      name={`lines.${index}.into`}
      render={({ field }) => (
        <TextField
          {...field}
          select
          fullWidth
          id={`formula-lines.${index}.into`}
          label={say`Goes into`}
          value={named.some((s) => s.key === field.value) ? field.value : ''}
          helperText=" "
          slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
        >
          <MenuItem value="">{say`the first step for hands`}</MenuItem>
          {named.map((s) => (
            <MenuItem key={s.key} value={s.key}>
              {s.name || say`the new step`}
            </MenuItem>
          ))}
        </TextField>
      )}
    />
  );
}
