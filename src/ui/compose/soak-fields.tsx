'use client';

import Box from '@mui/material/Box';
import { soakAt, withFaces, withSoakAmount } from '@/core/compose/edits/soak';
import type { Place } from '@/core/compose/place';
import type { Design } from '@/core/design/design';
import { say } from '@/core/words/say';
import { Choice } from './choice';
import { NumberField } from './number-field';

type SaidAs = 'usual' | 'grams' | 'share' | 'rest';
const NAMES: Record<SaidAs, string> = {
  usual: say`as usual here`,
  grams: say`grams`,
  share: say`share of the batch`,
  rest: say`the rest of the batch`,
};

interface SoakFieldsProps {
  design: Design;
  place: Place;
  /** g of it in all, and what the layer under it drinks usually. */
  grams: number;
  usual: 'butter' | 'foam';
  change: (edit: (design: Design) => Design) => void;
}

/** How much a layer drinks: by the kitchen's figure, in grams, or as a share of its batch; and on how many faces. */
export function SoakFields({ design, place, grams, usual, change }: SoakFieldsProps) {
  const soak = soakAt(design, place);
  if (!soak) return null;
  const { amount } = soak;
  const as: SaidAs =
    typeof amount === 'string' ? amount : 'grams' in amount ? 'grams' : 'share' in amount ? 'share' : 'usual';
  const set = (next: typeof amount) => change((d) => withSoakAmount(d, place, next));
  const said: Record<SaidAs, typeof amount> = {
    ...{ usual: { kind: usual }, grams: { grams: Math.max(1, Math.round(grams)) } },
    ...{ share: { share: 0.33 }, rest: 'rest' },
  };
  return (
    <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
      {typeof amount === 'object' && 'grams' in amount && (
        <NumberField
          key="grams"
          label={say`Amount`}
          unit="g"
          value={amount.grams}
          {...{ least: 1, most: 50_000, step: 5 }}
          onChange={(g) => set({ grams: g })}
        />
      )}
      {typeof amount === 'object' && 'share' in amount && (
        <NumberField
          key="share"
          label={say`Share`}
          unit="%"
          value={amount.share * 100}
          {...{ least: 1, most: 99, step: 1 }}
          onChange={(percent) => set({ share: percent / 100 })}
        />
      )}
      <Choice
        label={say`Said as`}
        value={as}
        options={(Object.keys(NAMES) as SaidAs[]).map((s) => [s, NAMES[s]])}
        onChoose={(s) => set(said[s])}
      />
      <Choice
        label={say`Soaked on`}
        value={soak.faces === 2 ? '2' : '1'}
        options={[
          ['1', say`one face`],
          ['2', say`both faces`],
        ]}
        onChoose={(faces) => change((d) => withFaces(d, place, faces === '2' ? 2 : 1))}
      />
      {as !== 'usual' && <Box sx={{ flex: '1 1 100%', fontSize: 13, fontWeight: 700 }}>{say`Set by hand.`}</Box>}
    </Box>
  );
}
