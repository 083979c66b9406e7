import type { Breakdown } from '../breakdown/breakdown';
import type { AmountRule } from '../design/amount-rule';
import { compile } from '../design/compile';
import type { Block } from '../design/block';
import type { Design, DesignBlock } from '../design/design';
import { usualSpot, type Lies, type Spot } from '../design/lies';
import { perimeter, topArea } from '../shape/form';
import { rosetteCount } from '../shape/piping';
import { stacksOf } from '../shape/stacks';
import type { Place } from './place';

/** Something that is put on a piece, as it is drawn. mm. */
export interface PutOn {
  place: Place;
  role: string;
  colour?: string;
  undecided?: true;
  /** Things that can be counted, laid or piped; a line of a piping bag; what is strewn; drops that run down; plates that stand against the wall. */
  as: 'items' | 'dabs' | 'line' | 'strewn' | 'drops' | 'plates';
  where: Spot;
  hour?: number;
  /** So many on this piece, each so large across. */
  count: number;
  size: number;
  /** How high it stands, or how far it hangs down. */
  tall: number;
  /** They lie in turn with others: this one is the nth of so many kinds. */
  turn?: { nth: number; of: number };
}

/** g per cm³ of what is put on a cake, for its size in a drawing: fruit is denser, meringue lighter. */
const DENSITY = 0.6;
/** No thing is drawn smaller or larger, mm. */
const SEEN = { least: 4, most: 70 };

/** How large something of so many g is, mm across, were it a ball. */
const acrossOf = (grams: number): number =>
  Math.min(SEEN.most, Math.max(SEEN.least, 20 * Math.cbrt((3 * grams) / (4 * Math.PI * DENSITY))));

/** What is put on the pieces of a cake, for each piece in its order; what nobody has said lies where it usually does. */
export function putOn(design: Design, { cake, components }: Breakdown, library: ReadonlyMap<string, Block>): PutOn[][] {
  const { uses } = compile(design, library);
  const colours = new Map(components.map((c) => [c.role, c.formula.colour]));
  const open = new Set(design.parts.filter((p) => p.undecided).map((p) => p.role));
  const on: PutOn[][] = cake.tiers.map(() => []);
  for (const { role, rule, at, pieces, into } of uses) {
    const block = design.blocks.find((b) => b.key === at);
    if (!block || into !== undefined) continue;
    const take = block.takes.findIndex(
      (t) => t.role === role && t.amount && JSON.stringify(t.amount) === JSON.stringify(rule),
    );
    const amount = block.takes[take]?.amount;
    // Of what has been left out there is nothing to draw.
    if (!amount || !components.some((c) => c.role === role)) continue;
    const { lies } = block.takes[take]!;
    const colour = colours.get(role);
    const common = {
      ...{ place: { on: 'block' as const, block: block.key, take }, role },
      ...(colour !== undefined && { colour }),
      ...((open.has(role) || block.undecided) && { undecided: true as const }),
    };
    const turn = turnOf(block, lies, design);
    const hour = lies?.where === 'spot' ? { hour: lies.hour ?? 12 } : {};
    for (const piece of pieces)
      for (const seen of seenOn(piece, pieces, amount, lies?.where ?? usualSpot(amount) ?? 'rim', cake))
        on[piece]!.push({ ...common, ...seen, ...hour, ...(turn && { turn }) });
  }
  return on;
}

/** How many of what is counted for the whole cake lie on a piece: what lies on top on the uppermost, what lies at the foot on the lowest. */
function countedOn(
  piece: number,
  pieces: readonly number[],
  { per, count, every }: Extract<AmountRule, { rule: 'pieces' }>,
  where: Spot,
  { tiers, portions }: Breakdown['cake'],
): number {
  const { form } = tiers[piece]!;
  if (every !== undefined) return Math.max(1, rosetteCount(perimeter(form), every));
  if (per === 'tier') return Math.ceil(count);
  if (per === 'portion') {
    const tops = pieces.reduce((sum, p) => sum + (tiers[p]!.count ?? 1) * topArea(tiers[p]!.form), 0);
    return Math.round((count * portions * topArea(form)) / tops);
  }
  // What stands beside the cake, to be cut in the kitchen, is not decorated with what is counted.
  const [cake = []] = stacksOf(pieces, (p) => tiers[p]!.form);
  const bearer = where === 'foot' ? cake[0] : cake.at(-1);
  return piece === bearer ? Math.ceil(count) : 0;
}

type Seen = Pick<PutOn, 'as' | 'where' | 'count' | 'size' | 'tall'>;

/** What of an amount is seen on one of the pieces that it is for. */
function seenOn(
  piece: number,
  pieces: readonly number[],
  amount: AmountRule,
  where: Spot,
  cake: Breakdown['cake'],
): Seen[] {
  const { form, height } = cake.tiers[piece]!;
  const line = (side: Spot, size: number): Seen => ({ as: 'line', where: side, count: 1, size, tall: size });
  switch (amount.rule) {
    case 'pieces': {
      const count = countedOn(piece, pieces, amount, where, cake);
      const size = acrossOf(amount.grams);
      return count > 0 ? [{ as: 'items', where, count, size, tall: size }] : [];
    }
    case 'rosettes': {
      const size = acrossOf(amount.grams);
      const count = Math.max(1, rosetteCount(perimeter(form), amount.spacing));
      return [{ as: 'dabs', where, count, size, tall: size }];
    }
    case 'of the batch':
      return [line(where, 12)];
    case 'border':
      return (amount.where === 'both' ? (['rim', 'foot'] as const) : [amount.where]).map((side) =>
        line(side === 'foot' ? 'foot' : 'rim', 8),
      );
    case 'strewn': {
      const tall = Math.min(amount.height ?? 0, height);
      return [{ as: 'strewn', where: amount.height === undefined ? 'top' : 'foot', count: 1, size: 3, tall }];
    }
    case 'drip':
      return [{ as: 'drops', where: 'rim', count: 1, size: 7, tall: Math.min(amount.meanLength ?? 45, height - 2) }];
    case 'panels':
      return [{ as: 'plates', where: 'side', count: 1, size: amount.thickness, tall: amount.height ?? height }];
    default:
      return [];
  }
}

/** The kinds of things that lie in turn, and which of them this is. */
function turnOf(block: DesignBlock, lies: Lies | undefined, design: Design): PutOn['turn'] {
  const asked = lies?.inTurnWith;
  const back = design.blocks.find((b) => b.takes.some((t) => t.lies?.inTurnWith === block.key));
  if (asked !== undefined && design.blocks.some((b) => b.key === asked)) return { nth: 1, of: 2 };
  return back ? { nth: 0, of: 2 } : undefined;
}
