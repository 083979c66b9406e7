import { isOfBatch } from '../../design/measure';
import { measureOf } from '../../design/uses';
import type { Use, Work } from '../../design/work';
import type { Formula } from '../../formula/formula';
import type { Choices } from '../../formula/schools';
import type { Kitchen } from '../kitchen';
import type { Thicknesses } from '../strata/thickness';
import { say } from '../../words/say';
import { cutAwayShare } from '../strata/cut-away';
import { amount, type Amount, type Portion } from './amount';
import { laidIn, times, type AmountContext } from './amount-context';
import { divideBatch } from './batch';
import { byTier } from './by-tier';
import { cakeOf, type Cake } from './cake';
import { joined, ofUse } from './joined';
import { amountOf } from './rules/rules';

/** Everything that the amounts of a design follow from. */
export interface Batches {
  work: Work;
  /** By role. */
  formulas: ReadonlyMap<string, Formula>;
  kitchen: Pick<Kitchen, 'coefficients' | 'moulds'>;
  choices: Choices;
}

/** Shares are divided anew until no thickness moves by more than this, mm (and no weight by as many g), or so often. */
const SETTLED = 1e-4;
const MOST_ROUNDS = 40;

/**
 * The cake of a design and the amount of each of its parts, by role, its uses in one batch. Thicknesses that are told as shares or grams depend on
 * how large the batch is, and that on the coats around them: both are reckoned in turn until they agree.
 */
export function amountsOf(batches: Batches): { cake: Cake; amounts: ReadonlyMap<string, Amount> } {
  let thicknesses: Thicknesses = new Map();
  for (let round = 0; ; round++) {
    const cake = cakeFor(batches, thicknesses);
    const amounts = amountsFor(batches, cake, thicknesses);
    const next = thicknessesFor(batches, cake, amounts.byUse, thicknesses);
    const moved = [...next].some(([use, mm]) => Math.abs(mm - (thicknesses.get(use) ?? Infinity)) > SETTLED);
    if (!moved || round === MOST_ROUNDS) return { cake, amounts: amounts.byRole };
    thicknesses = next;
  }
}

function cakeFor({ work, formulas, kitchen }: Batches, thicknesses: Thicknesses): Cake {
  const densities = new Map([...formulas].map(([role, f]) => [role, f.density]));
  return cakeOf(work, densities, kitchen.coefficients, thicknesses);
}

function amountsFor(batches: Batches, cake: Cake, thicknesses: Thicknesses) {
  const { work } = batches;
  const byRole = new Map<string, Amount>();
  const byUse = new Map<number, Amount>();
  // What is told by other parts comes after them.
  const waits = ({ rule }: Use) => rule.rule === 'glue' || rule.rule === 'share';
  const own = work.design.parts.map((part) => ({ part, uses: work.uses.filter((u) => u.role === part.role) }));
  for (const { part, uses } of [...own.filter((o) => !o.uses.some(waits)), ...own.filter((o) => o.uses.some(waits))]) {
    const made = uses.map((use) => {
      const at = work.uses.indexOf(use);
      const tiers = use.pieces.map((p) => cake.tiers[p]!);
      const context: AmountContext = {
        ...{ work, use, at, cake, tiers, part, thicknesses, others: byRole },
        ...{ formula: batches.formulas.get(part.role)!, choices: batches.choices },
        ...{ coefficients: batches.kitchen.coefficients, moulds: batches.kitchen.moulds },
      };
      const whole = cutToShape(ofUse(use, amountOf(use.rule, context)), context);
      const of = byTier(whole, context, (some) => amountOf(use.rule, { ...context, tiers: some }));
      byUse.set(at, of);
      return { use, made: of };
    });
    byRole.set(part.role, made.length > 0 ? joined(made) : amount([], ''));
  }
  // In the order of the design, whatever had to wait.
  return { byRole: new Map(work.design.parts.map((p) => [p.role, byRole.get(p.role)!])), byUse };
}

/** What is cut away where pieces are cut to shape: layers come back as trimmings, what lies between them is lost. */
function cutToShape(made: Amount, { use, tiers, cake, work, at }: AmountContext): Amount {
  const of = (t: AmountContext['tiers'][number]) => laidIn(t, { at }).reduce((sum, s) => sum + s.ml * times(t), 0);
  const ml = tiers.reduce((sum, t) => sum + of(t), 0);
  const away = tiers.reduce((sum, t) => sum + of(t) * cutAwayShare(cake.tiers.indexOf(t), work.design, cake.tiers), 0);
  const share = ml > 0 ? away / ml : 0;
  if (share < 1e-6) return made;
  const kept = made.portions.filter((p) => !p.leftOver && !p.lost);
  const grams = kept.reduce((sum, p) => sum + p.grams, 0) * share;
  const cut: Portion = {
    ...{ use: say`cut away`, grams },
    ...(use.rule.rule === 'layers' ? { leftOver: 'trimmings' } : { lost: true }),
  };
  return {
    ...made,
    portions: [...made.portions.map((p) => (kept.includes(p) ? { ...p, grams: p.grams * (1 - share) } : p)), cut],
  };
}

/** What each use that is told as a share, a rest or in grams comes to: mm of what is laid, g of what is not. */
function thicknessesFor(
  { work, formulas, kitchen }: Batches,
  cake: Cake,
  byUse: ReadonlyMap<number, Amount>,
  now: Thicknesses,
): Thicknesses {
  const next = new Map<number, number>();
  for (const part of work.design.parts) {
    const uses = work.uses.flatMap((use, at) => (use.role === part.role ? [{ use, at }] : []));
    const measures = uses.map(({ use }) => measureOf(use));
    const depends = measures.map((m) => m !== undefined && (isOfBatch(m) || (typeof m === 'object' && 'grams' in m)));
    if (!depends.some(Boolean)) continue;
    const formula = formulas.get(part.role)!;
    const made = uses.map(({ use, at }, i) => ({
      ...{ measure: measures[i], made: byUse.get(at)!.grams },
      pieces: use.pieces.reduce((sum, p) => sum + times(cake.tiers[p]!), 0),
    }));
    const recipe = formula.lines.reduce((sum, l) => sum + l.grams, 0) * (1 - formula.loss);
    const { grams } = divideBatch(made, part.batch, recipe);
    uses.forEach(({ use, at }, i) => {
      if (!depends[i]) return;
      const used = grams[i]! / (1 + kitchen.coefficients.bowlLoss);
      const laid = use.pieces.flatMap((p) => {
        const tier = cake.tiers[p]!;
        return laidIn(tier, { at }).map((s) => ({ mm2: (s.ml * 1000 * times(tier)) / s.thickness }));
      });
      const area = laid.reduce((sum, s) => sum + s.mm2, 0);
      const isLaid = use.rule.rule !== 'of the batch' && use.rule.rule !== 'soak';
      next.set(at, !isLaid ? used : area > 0 ? (used / formula.density / area) * 1000 : (now.get(at) ?? 0));
    });
  }
  return next;
}
