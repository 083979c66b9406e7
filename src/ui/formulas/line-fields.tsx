'use client';

import { say } from '@/core/words/say';
import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Close from '@mui/icons-material/Close';
import { Controller, useWatch, type Control } from 'react-hook-form';
import type { FormulaForm } from '@/core/input/formula-input';
import type { FormulaEditView } from '@/server/formulas/formula-pages';
import { FormText } from './form-text';

interface LineProps {
  control: Control<FormulaForm>;
  index: number;
  ingredients: FormulaEditView['ingredients'];
}

/** One ingredient of a formula: what, how much, and the step it goes into. */
export function LineFields({ control, index, ingredients, onRemove }: LineProps & { onRemove: () => void }) {
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '92px minmax(0, 1fr) 44px', sm: 'minmax(0, 380px) 110px minmax(0, 240px) 44px' },
        gap: 1,
        alignItems: 'flex-start',
      }}
    >
      <Box sx={{ gridColumn: { xs: '1 / 3', sm: 'auto' } }}>
        <IngredientField control={control} index={index} ingredients={ingredients} />
      </Box>
      <Box sx={{ gridRow: { xs: 2, sm: 'auto' } }}>
        <FormText control={control} name={`lines.${index}.grams`} label="g" number />
      </Box>
      <Box sx={{ gridRow: { xs: 2, sm: 'auto' }, mb: { xs: 1, sm: 0 } }}>
        <StepField control={control} index={index} />
      </Box>
      <IconButton
        aria-label={say`Take ingredient ${index + 1} out`}
        onClick={onRemove}
        sx={{ width: 44, height: 44, gridColumn: { xs: 3, sm: 'auto' }, gridRow: { xs: 1, sm: 'auto' } }}
      >
        <Close />
      </IconButton>
    </Box>
  );
}

function IngredientField({ control, index, ingredients }: LineProps) {
  return (
    <Controller
      control={control}
      name={`lines.${index}.ingredient`}
      render={({ field, fieldState }) => (
        <Autocomplete
          options={ingredients}
          getOptionLabel={(i) => i.name}
          isOptionEqualToValue={(a, b) => a.id === b.id}
          value={ingredients.find((i) => i.id === field.value) ?? null}
          onChange={(_, chosen) => field.onChange(chosen?.id ?? '')}
          onBlur={field.onBlur}
          renderInput={(params) => (
            <TextField
              {...params}
              label={say`Ingredient ${index + 1}`}
              error={fieldState.invalid}
              helperText={fieldState.error?.message ?? ' '}
            />
          )}
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
