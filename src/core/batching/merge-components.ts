import { withLeastBatch, type Load, type Portion } from '../breakdown/amounts/amount';
import type { Component } from '../breakdown/amounts/component';
import { joinAllergens } from '../breakdown/amounts/left-overs';
import { formName } from '../shape/form';

/** Tins whose fill differs by less than this are filled alike. g. */
const SAME_FILL = 1;

/**
 * Components of the same formula as one: their grams, lines and loads added up, their portions named by whom they are for.
 * Nothing gets lost: grams, portions, lines and loads are the sums of the parts', less what each part alone made too much of for a least batch.
 */
export function mergeComponents(parts: { name: string; component: Component }[]): Component {
  const first = parts[0]!.component;
  const pieces = parts.map((p) => p.component.amount.pieces);
  const portions = parts.flatMap(({ name, component }) =>
    component.amount.portions.map((p): Portion => ({ ...p, use: `${name}: ${p.use}` })),
  );
  // Each part alone may have been more than is needed; together they may be enough.
  const amount = withLeastBatch(
    {
      ...first.amount,
      grams: sum(parts.map((p) => p.component.amount.grams)),
      portions,
      pieces: pieces.some((p) => p === null) ? null : sum(pieces.map((p) => p ?? 0)),
      loads: mergeLoads(parts.flatMap((p) => p.component.amount.loads)),
      because: parts.map(({ name, component }) => `${name} ${Math.round(component.amount.grams)} g`).join(' + '),
      computed: null,
    },
    first.formula.batch?.least,
  );
  const whole = sum(parts.flatMap((p) => p.component.lines.map((l) => l.grams)));
  const made = sum(parts.map((p) => p.component.amount.grams));
  const lines = first.formula.lines.map((l, i) => ({
    ...l,
    grams: made === 0 ? 0 : (sum(parts.map((p) => p.component.lines[i]!.grams)) * amount.grams) / made,
    share: whole === 0 ? 0 : sum(parts.map((p) => p.component.lines[i]!.grams)) / whole,
  }));
  return {
    ...first,
    label: first.formula.name,
    optional: parts.every((p) => p.component.optional),
    amount,
    lines,
    allergens: joinAllergens(parts.map((p) => p.component.allergens)),
  };
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
