import type { AmountRule } from '../design/amount-rule';
import type { BlockKind } from '../design/kinds/kind';
import { usualSpot, type Lies } from '../design/lies';
import type { Formula } from '../formula/formula';
import type { Space } from './place';

/** How a kind of work begins that takes something: how much of it, and for what such formulas are. */
interface Beginning {
  amount: AmountRule;
  purposes: readonly Formula['purpose'][];
}

/** What is usual for each kind of work that takes a part; those that are not here take none. Lengths in mm. */
const BEGINNINGS: Partial<Record<BlockKind, Beginning>> = {
  coat: {
    amount: { rule: 'coat', coat: 'final', thickness: { mm: 4 }, on: 'all' },
    purposes: ['frosting'],
  },
  cover: { amount: { rule: 'paste cover', thickness: 4 }, purposes: ['cover'] },
  pour: { amount: { rule: 'glaze' }, purposes: ['glaze'] },
  drip: { amount: { rule: 'drip', meanLength: 45 }, purposes: ['glaze'] },
  'spread on top': {
    amount: { rule: 'spread on top', thickness: { mm: 4 }, border: 15 },
    purposes: ['filling', 'fruit', 'glaze'],
  },
  strew: { amount: { rule: 'strewn', gramsPerCm2: 0.3 }, purposes: ['crumbs', 'decoration'] },
  pipe: { amount: { rule: 'rosettes', spacing: 45, grams: 8 }, purposes: ['frosting', 'filling', 'glaze'] },
  place: { amount: { rule: 'pieces', per: 'cake', count: 9, grams: 8 }, purposes: ['decoration', 'fruit'] },
  brush: { amount: { rule: 'coat', coat: 'other', thickness: { mm: 0.5 }, on: 'top' }, purposes: ['glaze'] },
  dust: { amount: { rule: 'strewn', gramsPerCm2: 0.03 }, purposes: ['crumbs', 'decoration'] },
  panels: { amount: { rule: 'panels', thickness: 4 }, purposes: ['panels'] },
};

/** How a kind of work begins; null where it takes nothing. */
export const beginsAs = (kind: BlockKind): Beginning | null => BEGINNINGS[kind] ?? null;

/** Kinds of work that put something into the free space above a cake or around its foot, and how much of it there where that is otherwise. */
const IN_SPACE: Record<Space, Partial<Record<BlockKind, AmountRule | null>>> = {
  top: { place: null, pipe: null, strew: null, 'spread on top': null, drip: null, write: null, dust: null },
  foot: {
    place: null,
    pipe: { rule: 'border', nozzle: 'star 10 mm', where: 'foot' },
    strew: { rule: 'strewn', gramsPerCm2: 0.5, height: 30 },
  },
};

/** Kinds of work that put something there. */
export const goesInto = (kind: BlockKind, space: Space): boolean => kind in IN_SPACE[space];

/** How such a kind of work begins there: how much, and where it lies; null where it takes nothing. */
export function beginsIn(kind: BlockKind, space: Space | null): { amount: AmountRule; lies: Lies | null } | null {
  const begins = beginsAs(kind);
  if (!begins) return null;
  const amount = (space && IN_SPACE[space][kind]) || begins.amount;
  const usual = usualSpot(amount);
  return { amount, lies: usual === null || space === null ? null : { where: space === 'foot' ? 'foot' : 'rim' } };
}

/** Formulas that a kind of work can take, what it usually takes first, by name; retired ones are not offered. */
export function formulasFor(kind: BlockKind, formulas: Iterable<Formula>): Formula[] {
  const { purposes = [] } = beginsAs(kind) ?? {};
  return [...formulas]
    .filter((f) => !f.retired && purposes.includes(f.purpose))
    .sort((a, b) => purposes.indexOf(a.purpose) - purposes.indexOf(b.purpose) || (a.name < b.name ? -1 : 1));
}
