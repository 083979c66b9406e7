import { withLeastBatch, type Amount, type Load, type Portion } from '../breakdown/amounts/amount';
import type { Component, Taken } from '../breakdown/amounts/component';
import { joinAllergens } from '../breakdown/amounts/left-overs';
import type { Kitchen } from '../breakdown/kitchen';
import { mixLimits } from '../breakdown/mix-limits';
import { lineTimes } from '../formula/scale';
import { formName } from '../shape/form';

/** Tins whose fill differs by less than this are filled alike. g. */
const SAME_FILL = 1;

/**
 * Components of the same formula as one: their grams, lines and loads added up, their portions named by whom they are for.
 * Nothing gets lost: grams, portions, lines and loads are the sums of the parts', less what each part alone made too much of for a least batch.
 */
export function mergeComponents(
  parts: { name: string; component: Component }[],
  kitchen: Pick<Kitchen, 'mixes' | 'coefficients'>,
): Component {
  const first = parts[0]!.component;
  const pieces = parts.map((p) => p.component.amount.pieces);
  // Each part alone may have been more than is needed; together they may be enough.
  const amounts = parts.map((p) => neededOf(p.component.amount));
  const portions = parts.flatMap(({ name }, i) =>
    amounts[i]!.portions.map((p): Portion => ({ ...p, use: `${name}: ${p.use}` })),
  );
  const amount = withLeastBatch(
    {
      ...first.amount,
      grams: sum(amounts.map((a) => a.grams)),
      portions,
      pieces: pieces.some((p) => p === null) ? null : sum(pieces.map((p) => p ?? 0)),
      loads: mergeLoads(parts.flatMap((p) => p.component.amount.loads)),
      because: parts.map(({ name }, i) => `${name} ${Math.round(amounts[i]!.grams)} g`).join(' + '),
      computed: null,
    },
    mixLimits(first.formula, kitchen).least,
  );
  const whole = sum(parts.flatMap((p) => p.component.lines.map((l) => l.grams)));
  const made = sum(parts.map((p) => p.component.amount.grams));
  // A least batch that each alone had to make falls away where together they are enough.
  const factor = made === 0 ? 0 : amount.grams / made;
  const lines = first.formula.lines.map((l, i) => {
    const grams = sum(parts.map((p) => p.component.lines[i]!.grams));
    return {
      ...lineTimes(l, l.grams === 0 ? 0 : (grams * factor) / l.grams),
      grams: grams * factor,
      share: whole === 0 ? 0 : grams / whole,
    };
  });
  const takes = mergeTaken(parts.flatMap((p) => p.component.takes ?? []));
  return {
    ...first,
    label: first.formula.name,
    optional: parts.every((p) => p.component.optional),
    amount,
    lines,
    ...(takes.length > 0 && { takes: takes.map((t) => ({ ...t, grams: t.grams * factor })) }),
    allergens: joinAllergens(parts.map((p) => p.component.allergens)),
  };
}

/** An amount without what was too much of it for the sake of a least batch; what was set by hand is meant so. */
const neededOf = (amount: Amount): Amount => (amount.computed === null ? withLeastBatch(amount, undefined) : amount);

/** What goes into the members, the same into the same step together. */
function mergeTaken(all: readonly Taken[]): Taken[] {
  const merged: Taken[] = [];
  for (const taken of all) {
    const same = merged.find((t) => t.role === taken.role && t.step === taken.step);
    if (same) same.grams += taken.grams;
    else merged.push({ ...taken });
  }
  return merged;
}

function mergeLoads(loads: Load[]): Load[] {
  const merged: Load[] = [];
  for (const load of loads) {
    const same = merged.find(
      (m) => formName(m.form) === formName(load.form) && Math.abs(m.gramsEach - load.gramsEach) < SAME_FILL,
    );
    if (!same) merged.push({ ...load, tier: merged.length });
    else {
      const grams = same.tins * same.gramsEach + load.tins * load.gramsEach;
      same.tins += load.tins;
      same.gramsEach = grams / same.tins;
    }
  }
  return merged;
}

const sum = (numbers: number[]) => numbers.reduce((total, n) => total + n, 0);
