'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import { useDeferredValue, useMemo } from 'react';
import { useWatch, type Control } from 'react-hook-form';
import { planGaps } from '@/core/formula/plan-gaps';
import { formulaForm, formulaOf, type FormulaForm } from '@/core/input/formula-input';

/** What the formula leaves open that a plan would have to guess; nothing where it says all, or cannot be read yet. */
export function GapList({ control }: { control: Control<FormulaForm> }) {
  const form = useDeferredValue(useWatch({ control }));
  const gaps = useMemo(() => {
    try {
      return planGaps(formulaOf(formulaForm.validateSync(form), null, 'draft'));
    } catch {
      return [];
    }
  }, [form]);
  if (gaps.length === 0) return null;
  return (
    <Box
      component="section"
      aria-label={say`For a good plan`}
      sx={{ p: 1.5, borderLeft: '4px solid var(--zl-tightText)' }}
    >
      <b>{say`A good plan would want to know more:`}</b>
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {gaps.map((g) => (
          <li key={g.text}>{g.text}</li>
        ))}
      </Box>
    </Box>
  );
}
