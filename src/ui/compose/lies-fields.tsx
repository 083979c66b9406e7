'use client';

import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import type { Kitchen } from '@/core/breakdown/kitchen';
import { withAmount } from '@/core/compose/edits/blocks';
import { withLies, withTexture } from '@/core/compose/edits/lies';
import type { Place } from '@/core/compose/place';
import type { AmountRule } from '@/core/design/amount-rule';
import type { Design } from '@/core/design/design';
import { SPOTS, usualSpot, type Lies, type Spot } from '@/core/design/lies';
import { namesOf, turnsWith } from '@/core/design/lies-said';
import { TEXTURE_SAID, TEXTURES, type Texture } from '@/core/design/texture';
import { say } from '@/core/words/say';
import { NumberField } from './number-field';

const NAMES: Record<Spot, string> = {
  top: say`all over the top`,
  rim: say`around the rim`,
  middle: say`in the middle`,
  spot: say`at one spot`,
  side: say`on the side`,
  foot: say`around the foot`,
};

type Pieces = Extract<AmountRule, { rule: 'pieces' }>;
type CountedBy = Pieces['per'] | 'every';
const COUNTED: Record<CountedBy, string> = {
  cake: say`for the whole cake`,
  tier: say`on each tier`,
  portion: say`for each portion`,
  every: say`so far apart`,
};
const COUNTED_BY: readonly CountedBy[] = ['cake', 'tier', 'portion', 'every'];
/** mm from one to the next, to begin with. */
const APART = 50;

/** In turn with nothing; no block is called so. */
const ALONE = ' ';

interface LiesFieldsProps {
  design: Design;
  place: Extract<Place, { on: 'block' }>;
  kitchen: Kitchen;
  change: (edit: (design: Design) => Design) => void;
}

/** Where what is put on lies, how it is counted, and what it lies in turn with. */
export function LiesFields({ design, place, kitchen, change }: LiesFieldsProps) {
  const placed = design.blocks.find((b) => b.key === place.block);
  const take = place.take === null ? undefined : placed?.takes[place.take];
  const usual = take?.amount && usualSpot(take.amount);
  if (take?.amount?.rule === 'coat')
    return <CoatFields coat={take.amount} texture={take.texture ?? null} {...{ place, change }} />;
  if (take?.amount?.rule === 'border') return <BorderFields border={take.amount} {...{ place, kitchen, change }} />;
  if (!placed || !take?.amount || !usual) return null;
  const { amount } = take;
  const lies: Lies = take.lies ?? { where: usual };
  const lie = (next: Lies) => change((d) => withLies(d, place.block, place.take!, next));
  const others = turnsWith(place.block, design.blocks);
  return (
    <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
      <Choice
        label={say`Where it lies`}
        value={lies.where}
        options={SPOTS.map((s) => [s, NAMES[s]])}
        onChoose={(where) => {
          const { hour, ...rest } = lies;
          void hour;
          lie({ ...rest, where, ...(where === 'spot' && { hour: 12 }) });
        }}
      />
      {lies.where === 'spot' && (
        <Choice
          label={say`Where, as on a clock`}
          value={`${lies.hour ?? 12}`}
          options={Array.from({ length: 12 }, (_, i) => [
            `${i + 1}`,
            i + 1 === 6 ? say`6, in front` : i + 1 === 12 ? say`12, behind` : `${i + 1}`,
          ])}
          onChoose={(hour) => lie({ ...lies, hour: Number(hour) })}
        />
      )}
      {amount.rule === 'pieces' && (
        <Choice
          label={say`Counted`}
          value={amount.every === undefined ? amount.per : 'every'}
          options={COUNTED_BY.map((by) => [by, COUNTED[by]])}
          onChoose={(by) => change((d) => withAmount(d, place.block, place.take!, countedBy(amount, by)))}
        />
      )}
      {others.length > 0 && (
        <Choice
          label={say`In turn with`}
          value={lies.inTurnWith ?? ALONE}
          options={[
            [ALONE, say`nothing else`],
            ...others.map((key): [string, string] => [
              key,
              namesOf(
                design.blocks.find((b) => b.key === key)!,
                design,
              ),
            ]),
          ]}
          onChoose={(key) => {
            const { inTurnWith, ...rest } = lies;
            void inTurnWith;
            lie(key === ALONE ? rest : { ...rest, inTurnWith: key });
          }}
        />
      )}
    </Box>
  );
}

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
function CoatFields({
  coat,
  texture,
  place,
  change,
}: Pick<LiesFieldsProps, 'place' | 'change'> & { coat: Coat; texture: Texture | null }) {
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

type Border = Extract<AmountRule, { rule: 'border' }>;
const BORDERS: Record<Border['where'], string> = {
  top: say`around the rim`,
  foot: say`around the foot`,
  both: say`around rim and foot`,
};

/** A piped line: where it runs, and by which nozzle. */
function BorderFields({
  border,
  place,
  kitchen,
  change,
}: Pick<LiesFieldsProps, 'place' | 'kitchen' | 'change'> & { border: Border }) {
  const set = (next: Border) => change((d) => withAmount(d, place.block, place.take!, next));
  const nozzles = [...new Set([border.nozzle, ...Object.keys(kitchen.coefficients.nozzles)])];
  return (
    <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
      <Choice
        label={say`Where it lies`}
        value={border.where}
        options={(['top', 'foot', 'both'] as const).map((w) => [w, BORDERS[w]])}
        onChoose={(where) => set({ ...border, where })}
      />
      <Choice
        label={say`Nozzle`}
        value={border.nozzle}
        options={nozzles.map((n) => [n, n])}
        onChoose={(nozzle) => set({ ...border, nozzle })}
      />
    </Box>
  );
}

function countedBy(amount: Pieces, by: CountedBy): Pieces {
  const { every, ...rest } = amount;
  return by === 'every' ? { ...rest, every: every ?? APART } : { ...rest, per: by };
}

interface ChoiceProps<V extends string> {
  label: string;
  value: V;
  options: readonly (readonly [V, string])[];
  onChoose: (value: V) => void;
}

function Choice<V extends string>({ label, value, options, onChoose }: ChoiceProps<V>) {
  return (
    <TextField
      select
      size="small"
      label={label}
      value={value}
      onChange={(e) => onChoose(e.target.value as V)}
      sx={{ flex: '1 1 100%' }}
    >
      {options.map(([key, name]) => (
        <MenuItem key={key} value={key}>
          {name}
        </MenuItem>
      ))}
    </TextField>
  );
}
