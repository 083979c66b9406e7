'use client';

import Box from '@mui/material/Box';
import { useWatch, type Control } from 'react-hook-form';
import type { BlockForm } from '@/core/input/block-input';
import { say, term } from '@/core/words/say';
import type { ShownItem } from '@/server/kitchen/kitchen-sections';
import { Fold } from '../parts/fold';
import { FormText } from '../parts/form-text';
import { CheckFields, FIELDS_IN_A_ROW, Machines, Reminders } from '../parts/rung-fields';
import { TakeOut } from '../parts/take-out';
import { StandFields } from './block-stand-fields';

interface StageFieldsProps {
  control: Control<BlockForm>;
  index: number;
  skills: readonly string[];
  machines: readonly string[];
  items: readonly ShownItem[];
  ways: readonly { key: string; name: string }[];
  /** Null of the only one. */
  onTakeOut: (() => void) | null;
}

/** One rung of the work: how long, who, and what the bench reads. */
export function StageFields({ control, index: i, skills, machines, items, ways, onTakeOut }: StageFieldsProps) {
  const at = `stages.${i}` as const;
  const [waits, check, skill] = useWatch({ control, name: [`${at}.waits`, `${at}.check.kind`, `${at}.skill`] });
  const wayCalled = (choice: string) => ways.find((w) => w.key === choice)?.name ?? '';
  const who = [...new Set(['', ...skills, skill])].map((s) => ({ value: s, name: s === '' ? say`anybody` : term(s) }));
  return (
    <>
      {waits.map((w, k) => (
        <StandFields
          key={k}
          control={control}
          at={`${at}.waits.${k}`}
          title={w.choice === '' ? say`Between the two` : say`Between the two: ${wayCalled(w.choice)}`}
          places={items}
        />
      ))}
      <Box
        component="section"
        aria-label={say`Stage ${i + 1}`}
        sx={{ border: '1px solid var(--zl-line)', borderRadius: 2, p: 1.5, background: 'var(--zl-card)' }}
      >
        <Box sx={FIELDS_IN_A_ROW}>
          <FormText control={control} name={`${at}.name`} label={say`On the rung`} sx={{ width: 260 }} />
          <FormText control={control} name={`${at}.skill`} label={say`Who can`} options={who} sx={{ width: 150 }} />
          <FormText control={control} name={`${at}.people`} label={say`How many hands`} number sx={{ width: 140 }} />
          <Box sx={{ flex: 1 }} />
          {onTakeOut && <TakeOut what={say`stage ${i + 1}`} onTake={onTakeOut} />}
        </Box>
        <Box sx={FIELDS_IN_A_ROW}>
          <FormText control={control} name={`${at}.low`} label={say`Minutes, least`} number sx={{ width: 120 }} />
          <FormText control={control} name={`${at}.likely`} label={say`likely`} number sx={{ width: 90 }} />
          <FormText control={control} name={`${at}.high`} label={say`most`} number sx={{ width: 90 }} />
          <FormText
            control={control}
            name={`${at}.perTier`}
            label={say`more a further tier`}
            number
            sx={{ width: 160 }}
          />
          <FormText
            control={control}
            name={`${at}.perArea`}
            label={say`more each 100 cm²`}
            number
            sx={{ width: 160 }}
          />
          <FormText
            control={control}
            name={`${at}.perPiece`}
            label={say`more a piece placed`}
            number
            sx={{ width: 170 }}
          />
          <FormText
            control={control}
            name={`${at}.perPortion`}
            label={say`more a portion`}
            number
            sx={{ width: 140 }}
          />
        </Box>
        <FormText
          control={control}
          name={`${at}.how`}
          label={say`How, as the bench reads it`}
          multiline
          sx={{ width: '100%' }}
        />
        <Box sx={FIELDS_IN_A_ROW}>
          <FormText control={control} name={`${at}.sign`} label={say`Until what sign`} sx={{ flex: '1 1 260px' }} />
          <FormText
            control={control}
            name={`${at}.caution`}
            label={say`Caution`}
            multiline
            sx={{ flex: '1 1 260px' }}
          />
        </Box>
        <Fold title={say`Machines, check, reminders`}>
          <Box sx={FIELDS_IN_A_ROW}>
            <Machines control={control} at={at} machines={machines} />
          </Box>
          <Box sx={FIELDS_IN_A_ROW}>
            <CheckFields control={control} at={at} kind={check} />
          </Box>
          <Box sx={FIELDS_IN_A_ROW}>
            <Reminders control={control} at={at} />
          </Box>
        </Fold>
      </Box>
    </>
  );
}
