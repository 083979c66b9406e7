'use client';

import Box from '@mui/material/Box';
import type { Kitchen } from '@/core/breakdown/kitchen';
import { withAmount } from '@/core/compose/edits/blocks';
import { withLies } from '@/core/compose/edits/lies';
import type { AmountRule } from '@/core/design/amount-rule';
import type { Design } from '@/core/design/design';
import { SPOTS, usualSpot, type Lies } from '@/core/design/lies';
import { namesOf, SPOT_SAID, turnsWith } from '@/core/design/lies-said';
import { say } from '@/core/words/say';
import { BorderFields } from './border-fields';
import { Choice } from './choice';
import { CoatFields } from './coat-fields';
import type { OfTake } from './touched-parts';

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
/** So many where they were counted by the portion before. */
const A_FEW = 9;

/** In turn with nothing; no block is called so. */
const ALONE = ' ';

interface LiesFieldsProps extends OfTake {
  design: Design;
  kitchen: Kitchen;
}

/** Where what is put on lies, how it is counted, and what it lies in turn with; of a coat what it covers. */
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
        options={SPOTS.map((s) => [s, SPOT_SAID[s]])}
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

/** The same pieces counted in another way. Of what was counted for the cake nobody wants as many on every portion. */
function countedBy(amount: Pieces, by: CountedBy): Pieces {
  const { every, ...rest } = amount;
  if (by === 'every') return { ...rest, every: every ?? APART };
  const count = by === 'portion' ? 1 : rest.per === 'portion' ? A_FEW : rest.count;
  return { ...rest, per: by, count };
}
