import { say, term } from '@/core/words/say';
import Box from '@mui/material/Box';
import { useWatch, type Control } from 'react-hook-form';
import type { FormulaForm } from '@/core/input/formula-input';
import { FormText } from '../parts/form-text';

/** Whether a part may be made on a quiet day and kept for any order, and how it comes back. */
export function InStoreFields({ control, places }: { control: Control<FormulaForm>; places: readonly string[] }) {
  const [by, place, thaws] = useWatch({ control, name: ['storeBy', 'storePlace', 'thawPlace'] });
  const kept = by === 'piece' || by === 'weight';
  const unit = by === 'piece' ? say`pieces` : say`g`;
  const named = (chosen: string | undefined, first: readonly string[]) =>
    [...new Set([...first, ...places, ...(chosen ? [chosen] : [])])].map((p) => ({
      value: p,
      name: term(p || 'bench'),
    }));
  return (
    <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap' }}>
      <FormText
        control={control}
        name="storeBy"
        label={say`In the store of own parts`}
        options={[
          { value: 'no', name: say`not kept: made for its order` },
          { value: 'piece', name: say`kept, by the piece` },
          { value: 'weight', name: say`kept, by weight` },
        ]}
        sx={{ width: 260 }}
      />
      {kept && (
        <>
          <FormText
            control={control}
            name="storePlace"
            label={say`Kept where`}
            options={named(place, [])}
            sx={{ width: 160 }}
          />
          <FormText control={control} name="storeDays" label={say`Days`} number sx={{ width: 100 }} />
          <FormText control={control} name="thawLeast" label={say`Thaws at least, h`} number sx={{ width: 150 }} />
          <FormText control={control} name="thawMost" label={say`Used within, h`} number sx={{ width: 140 }} />
          <FormText
            control={control}
            name="thawPlace"
            label={say`Thaws where`}
            options={named(thaws, [''])}
            sx={{ width: 160 }}
          />
          <FormText
            control={control}
            name="storeLevel"
            label={say`Made again below, ${unit}`}
            number
            sx={{ width: 190 }}
          />
          <FormText
            control={control}
            name="storeMakes"
            label={say`So much at a time, ${unit}`}
            number
            sx={{ width: 200 }}
          />
        </>
      )}
    </Box>
  );
}
