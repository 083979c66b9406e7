'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { useFieldArray, useWatch, type Control } from 'react-hook-form';
import type { FormulaForm } from '@/core/input/formula-input';
import type { FormulaEditView } from '@/server/formulas/formula-pages';
import { FormColour } from '../parts/form-colour';
import { FormText } from '../parts/form-text';
import { TakeOut } from '../parts/take-out';

interface MoreOfFormulaProps {
  control: Control<FormulaForm>;
  tins: FormulaEditView['tins'];
}

/** What a formula may also say of itself: opened where it is wanted. */
export function MoreOfFormula({ control, tins }: MoreOfFormulaProps) {
  const [open, setOpen] = useState(false);
  const [least, most, measured, colour, rescues] = useWatch({
    control,
    name: ['batchLeast', 'batchMost', 'measuredForm', 'colour', 'rescues'],
  });
  const said = [
    ...(least !== null || most !== null ? [say`batch`] : []),
    ...(measured === '' ? [] : [say`measured height`]),
    ...(colour === '' ? [] : [say`colour`]),
    ...(rescues.length === 0 ? [] : [say`${rescues.length} × rescue`]),
  ];
  const known = measured === '' || tins.some((t) => t.value === measured);
  return (
    <Box component="section" aria-label={say`More of this formula`}>
      <Button color="secondary" aria-expanded={open} onClick={() => setOpen(!open)}>
        {open
          ? say`Less of this formula`
          : said.length === 0
            ? say`More of this formula: least batch, measured height, colour, rescues…`
            : say`More of this formula: ${said.join(', ')}`}
      </Button>
      {open && (
        <Box sx={{ display: 'grid', gap: 1, mt: 1 }}>
          <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'flex-start' }}>
            <FormText control={control} name="batchLeast" label={say`Least batch, g`} number sx={{ width: 140 }} />
            <FormText control={control} name="batchMost" label={say`Most at once, g`} number sx={{ width: 140 }} />
            <FormColour control={control} name="colour" label={say`Colour in the section`} />
          </Box>
          <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'flex-start' }}>
            <FormText control={control} name="measuredGrams" label={say`Measured: g`} number sx={{ width: 130 }} />
            <FormText
              control={control}
              name="measuredForm"
              label={say`in a tin`}
              options={[
                { value: '', name: say`not measured` },
                ...tins,
                ...(known ? [] : [{ value: measured, name: say`a tin that is not here` }]),
              ]}
              sx={{ width: 240 }}
            />
            <FormText control={control} name="measuredHeight" label={say`came out, mm`} number sx={{ width: 130 }} />
          </Box>
          <Rescues control={control} />
        </Box>
      )}
    </Box>
  );
}

function Rescues({ control }: Pick<MoreOfFormulaProps, 'control'>) {
  const { fields, append, remove } = useFieldArray({ control, name: 'rescues' });
  return (
    <>
      {fields.map((f, i) => (
        <Box key={f.id} sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'flex-start' }}>
          <FormText
            control={control}
            name={`rescues.${i}.failure`}
            label={say`If it`}
            hint={say`“is too thin”`}
            sx={{ width: 240 }}
          />
          <FormText control={control} name={`rescues.${i}.help`} label={say`then`} sx={{ flex: '1 1 260px' }} />
          <TakeOut what={say`rescue ${i + 1}`} onTake={() => remove(i)} />
        </Box>
      ))}
      <Box>
        <Button color="secondary" onClick={() => append({ failure: '', help: '' })}>
          {say`+ rescue for a failure`}
        </Button>
      </Box>
    </>
  );
}
