'use client';

import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { measureAt, SAID_AS, saidAs, sayAs, withMeasureAt, type SaidAs } from '@/core/compose/edits/said-as';
import type { Place } from '@/core/compose/place';
import type { Design } from '@/core/design/design';
import { say } from '@/core/words/say';
import { NumberField } from './number-field';

const NAMES: Record<SaidAs, string> = {
  usual: say`as usual here`,
  mm: say`thickness`,
  grams: say`grams`,
  share: say`share of the batch`,
  rest: say`the rest of the batch`,
};

interface SaidAsFieldsProps {
  design: Design;
  place: Place;
  /** How thick it is drawn, mm, and what of it there is in all, g. */
  drawn: number | null;
  grams: number | null;
  change: (edit: (design: Design) => Design) => void;
}

/** How much of something, said as one says it: so thick, so many g, a share of the batch, or what is left of it. */
export function SaidAsFields({ design, place, drawn, grams, change }: SaidAsFieldsProps) {
  const measure = measureAt(design, place);
  if (measure === null) return null;
  const as = saidAs(measure);
  const key = `${JSON.stringify(place)} ${as}`;
  return (
    <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
      {(as === 'mm' || as === 'usual') && drawn !== null && (
        <NumberField
          key={key}
          label={say`Thickness`}
          unit="mm"
          value={drawn}
          {...{ least: 0.5, most: 120, step: 0.5 }}
          onChange={(mm) => change((d) => withMeasureAt(d, place, { mm }))}
        />
      )}
      {typeof measure === 'object' && 'grams' in measure && (
        <NumberField
          key={key}
          label={say`Amount`}
          unit="g"
          value={measure.grams}
          {...{ least: 1, most: 50_000, step: 10 }}
          onChange={(g) => change((d) => withMeasureAt(d, place, { grams: g }))}
        />
      )}
      {typeof measure === 'object' && 'share' in measure && (
        <NumberField
          key={key}
          label={say`Share`}
          unit="%"
          value={measure.share * 100}
          {...{ least: 1, most: 99, step: 1 }}
          onChange={(percent) => change((d) => withMeasureAt(d, place, { share: percent / 100 }))}
        />
      )}
      <TextField
        select
        size="small"
        label={say`Said as`}
        value={as}
        onChange={(e) => change((d) => withMeasureAt(d, place, sayAs(e.target.value as SaidAs, { mm: drawn, grams })))}
        sx={{ flex: '1 1 140px' }}
      >
        {SAID_AS.map((s) => (
          <MenuItem key={s} value={s}>
            {NAMES[s]}
          </MenuItem>
        ))}
      </TextField>
      {as !== 'usual' && <Box sx={{ flex: '1 1 100%', fontSize: 13, fontWeight: 700 }}>{say`Set by hand.`}</Box>}
    </Box>
  );
}
