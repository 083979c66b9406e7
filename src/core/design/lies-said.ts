import { say } from '../words/say';
import type { AmountRule } from './amount-rule';
import type { BlockTake, Design, DesignBlock } from './design';
import { TEXTURE_SAID } from './texture';
import { usualSpot, type Lies, type Spot } from './lies';

/** Spots in words, inside a sentence or in a list. */
export const SPOT_SAID: Record<Spot, string> = {
  top: say`all over the top`,
  rim: say`around the rim`,
  middle: say`in the middle`,
  spot: say`at one spot`,
  side: say`on the side`,
  foot: say`around the foot`,
};

/** "around the rim", "at 4 o’clock, with 6 in front". */
const spotSaid = ({ where, hour = 12 }: Lies): string =>
  where === 'spot' ? say`at ${hour} o’clock, with 6 in front` : SPOT_SAID[where];

/** What the bench reads of where things lie and how coats are finished: one sentence for each thing of which somebody has said it. */
export function liesSaid({ takes }: Pick<DesignBlock, 'takes'>, design: Design): string[] {
  return takes.flatMap(({ role, amount, lies, texture }: BlockTake) => {
    const what = labelOf(role, design);
    if (texture) return [`${what}: ${TEXTURE_SAID[texture]}.`];
    if (!lies) return [];
    const apart = amount && distanceOf(amount);
    const other = design.blocks.find((b) => b.key === lies.inTurnWith);
    const others = other ? namesOf(other, design) : '';
    return [
      say`${what}: ${spotSaid(lies)}${apart ? say`, one every ${apart} mm` : ''}${others ? say`, in turn with ${others}` : ''}.`,
    ];
  });
}

/** mm from the middle of one to the middle of the next, where they lie at a distance. */
const distanceOf = (amount: AmountRule): number | undefined =>
  amount.rule === 'rosettes' ? amount.spacing : amount.rule === 'pieces' ? amount.every : undefined;

const labelOf = (role: string, { parts }: Pick<Design, 'parts'>): string =>
  parts.find((p) => p.role === role)?.label ?? role;

/** What a block puts on, by name; of what takes nothing that can be counted it is nothing. */
export const namesOf = ({ takes }: Pick<DesignBlock, 'takes'>, design: Pick<Design, 'parts'>): string =>
  takes
    .filter((t) => t.amount && usualSpot(t.amount) !== null)
    .map((t) => labelOf(t.role, design))
    .join(', ');

/** Keys of the blocks whose pieces those of another can lie in turn with. */
export const turnsWith = (key: string, blocks: readonly DesignBlock[]): string[] =>
  blocks
    .filter((b) => b.key !== key && b.takes.some((t) => t.amount && usualSpot(t.amount) !== null))
    .map((b) => b.key);
