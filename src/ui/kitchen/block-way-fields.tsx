'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useWatch, type Control } from 'react-hook-form';
import type { BlockForm } from '@/core/input/block-input';
import { say } from '@/core/words/say';
import { FormCheck } from '../parts/form-check';
import { FormText } from '../parts/form-text';
import { FIELDS_IN_A_ROW } from '../parts/rung-fields';
import { TakeOut } from '../parts/take-out';

type Ways = BlockForm['ways'];
/** Keys of ways that are new; what they are called is typed. */
const KEYS = ['a', 'b', 'c', 'd', 'e', 'f'];
/** No more ways than these. */
const MOST = 4;

interface WayFieldsProps {
  control: Control<BlockForm>;
  /** Other ways than there were. */
  onWays: (ways: Ways) => void;
}

/** The ways of doing it, of which the plan or the order takes one; and how what was frozen thaws. */
export function WayFields({ control, onWays }: WayFieldsProps) {
  const [ways, thaws] = useWatch({ control, name: ['ways', 'thaw.thaws'] });
  const more = () => {
    const free = KEYS.filter((k) => !ways.some((w) => w.key === k));
    const added = free.slice(0, ways.length === 0 ? 2 : 1).map((key) => ({ key, name: '' }));
    onWays([...ways, ...added]);
  };
  const without = (key: string) => {
    const left = ways.filter((w) => w.key !== key);
    onWays(left.length > 1 ? left : []);
  };
  const onWay = [{ value: '', name: say`on every way` }, ...ways.map((w) => ({ value: w.key, name: w.name }))];
  return (
    <>
      <Box component="section" aria-label={say`Ways of doing it`}>
        <Box component="h2" sx={{ typography: 'h3', m: 0, mb: 1 }}>{say`Ways of doing it`}</Box>
        {ways.length === 0 && (
          <Box sx={{ color: 'var(--zl-muted)', mb: 1 }}>
            {say`There is one. With several (set in the freezer, or a night in the fridge) the plan takes what fits, or the order says which.`}
          </Box>
        )}
        {ways.map((w, i) => (
          <Box key={w.key} sx={FIELDS_IN_A_ROW}>
            <FormText control={control} name={`ways.${i}.name`} label={say`Way ${i + 1}`} sx={{ width: 300 }} />
            <TakeOut what={say`way ${i + 1}`} onTake={() => without(w.key)} />
          </Box>
        ))}
        {ways.length < MOST && (
          <Button variant="outlined" color="secondary" onClick={more}>
            {ways.length === 0 ? say`There are two ways` : say`One way more`}
          </Button>
        )}
      </Box>
      <Box component="section" aria-label={say`Thawing`}>
        <Box component="h2" sx={{ typography: 'h3', m: 0, mb: 0.5 }}>{say`Thawing`}</Box>
        <FormCheck
          control={control}
          name="thaw.thaws"
          label={say`It is frozen in this work, and thaws before it goes on`}
        />
        {thaws && (
          <Box sx={FIELDS_IN_A_ROW}>
            <FormText control={control} name="thaw.min" label={say`Thaws, at least, min`} number sx={{ width: 180 }} />
            {ways.length > 0 && (
              <FormText
                control={control}
                name="thaw.way"
                label={say`On which way`}
                options={onWay}
                sx={{ width: 220 }}
              />
            )}
            <FormText
              control={control}
              name="thaw.why"
              label={say`Why it thaws`}
              sx={{ flex: '1 1 220px', maxWidth: 420 }}
            />
          </Box>
        )}
      </Box>
    </>
  );
}
