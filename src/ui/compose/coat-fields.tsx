'use client';

import Box from '@mui/material/Box';
import { withAmount } from '@/core/compose/edits/blocks';
import { withTexture } from '@/core/compose/edits/lies';
import type { AmountRule } from '@/core/design/amount-rule';
import { TEXTURE_SAID, TEXTURES, type Texture } from '@/core/design/texture';
import { say } from '@/core/words/say';
import { Choice } from './choice';
import { NumberField } from './number-field';
import type { OfTake } from './touched-parts';

type Coat = Extract<AmountRule, { rule: 'coat' }>;
type Covers = 'all' | 'top' | 'side' | 'band';
const COVERS: Record<Covers, string> = {
  all: say`top and side`,
  top: say`only the top`,
  side: say`only the side`,
  band: say`a band at the foot`,
};
/** mm of such a band, to begin with. */
const BAND = 40;
/** As the library says; no texture is called so. */
const USUAL = ' ';

/** A coat: what it covers, the rest is left bare; and how it is finished. */
export function CoatFields({ coat, texture, place, change }: OfTake & { coat: Coat; texture: Texture | null }) {
  const set = (on: Coat['on']) => change((d) => withAmount(d, place.block, place.take!, { ...coat, on }));
  const covers: Covers = typeof coat.on === 'object' ? 'band' : coat.on;
  return (
    <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
      <Choice
        label={say`Covers`}
        value={covers}
        options={(Object.keys(COVERS) as Covers[]).map((c) => [c, COVERS[c]])}
        onChoose={(c) => set(c === 'band' ? { band: BAND } : c)}
      />
      {typeof coat.on === 'object' && (
        <NumberField
          label={say`How high`}
          unit="mm"
          value={coat.on.band}
          {...{ least: 5, most: 300, step: 5 }}
          onChange={(band) => set({ band })}
        />
      )}
      <Choice
        label={say`Finished`}
        value={texture ?? USUAL}
        options={[[USUAL, say`as usual here`], ...TEXTURES.map((t): [Texture, string] => [t, TEXTURE_SAID[t]])]}
        onChoose={(t: Texture | typeof USUAL) =>
          change((d) => withTexture(d, place.block, place.take!, t === USUAL ? null : t))
        }
      />
    </Box>
  );
}
