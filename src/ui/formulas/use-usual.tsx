'use client';

import { say, term } from '@/core/words/say';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState, type ReactNode } from 'react';
import { useFormState, type Control, type UseFormSetValue } from 'react-hook-form';
import type { FormulaForm } from '@/core/input/formula-input';
import { percent } from '@/core/input/formula-step-input';
import { durationText } from '@/core/time/duration-text';
import type { FormulaEditView } from '@/server/formulas/formula-pages';

interface UseUsual {
  control: Control<FormulaForm>;
  setValue: UseFormSetValue<FormulaForm>;
  usual: FormulaEditView['usual'];
  /** What it was read from has told how it keeps. */
  keepingTold: boolean;
}

/**
 * Fills in what is usual in a family once somebody chooses it for a new formula, as far as nobody has typed it, and says what it filled in until
 * somebody has looked.
 */
export function useUsual({ control, setValue, usual, keepingTold }: UseUsual): {
  choose: (family: string) => void;
  note: ReactNode;
} {
  const { dirtyFields } = useFormState({ control });
  const [filled, setFilled] = useState<{ family: string; said: string } | null>(null);
  const choose = (family: string) => {
    if (!Object.hasOwn(usual, family) || filled?.family === family) return;
    const known = usual[family]!;
    const said: string[] = [];
    const fill = <K extends keyof FormulaForm>(name: K, value: FormulaForm[K], words: string) => {
      if (dirtyFields[name]) return;
      setValue(name as never, value as never, { shouldValidate: false });
      said.push(words);
    };
    fill('purpose', known.purpose, say`for ${term(known.purpose)}`);
    fill('batter', known.batter, known.batter === '' ? say`no batter` : say`batter ${term(known.batter)}`);
    fill('loss', percent(known.loss), say`loss ${percent(known.loss)} %`);
    fill('density', known.density, say`${known.density} g/ml`);
    if (!keepingTold) {
      fill('keepPlace', known.keeping.place ?? '', say`kept in ${term(known.keeping.place ?? 'bench')}`);
      fill('keepMin', known.keeping.min, say`used after ${durationText(known.keeping.min)}`);
      fill('keepMax', known.keeping.max, say`keeps ${durationText(known.keeping.max)}`);
    }
    setFilled({ family, said: said.join(', ') });
  };
  const note =
    !filled || filled.said === '' ? null : (
      <Box role="status" sx={{ display: 'flex', gap: 1, alignItems: 'center', p: 1, bgcolor: 'var(--zl-tightBack)' }}>
        <span style={{ flex: 1 }}>
          {say`Usual in ${filled.family}, filled in for you: ${filled.said}. Look whether it is so.`}
        </span>
        <Button color="inherit" onClick={() => setFilled({ family: filled.family, said: '' })}>{say`It is so`}</Button>
      </Box>
    );
  return { choose, note };
}
