'use client';

import { say } from '@/core/words/say';
import { useState } from 'react';
import type { FormulaLine, FormulaPart, Ingredient } from '@/core/formula/formula';
import { roundLines, type Rounding } from '@/core/formula/rounding';
import { lineTimes, scaleToScarce, totalGrams, yieldGrams } from '@/core/formula/scale';
import { SUBSTITUTIONS, withSubstitution, type Substitution } from '@/core/formula/substitutions';
import { batterGrams } from '@/core/shape/batter';
import type { FormulaView } from '@/server/formulas/formula-pages';

export type Scale = 'yield' | 'mix' | 'tins' | 'scarce';

/** Grams beyond which a number is a slip of the finger. */
const MOST_GRAMS = 200_000;

interface ScaleSettings {
  by: Scale;
  grams: string;
  tin: string;
  depth: string;
  count: string;
  scarce: string;
  eggs: 'whole' | 'beaten';
  /** Keys of the substitutions that are on. */
  without: string[];
}

export interface Scaled {
  settings: ScaleSettings;
  set: (change: Partial<ScaleSettings>) => void;
  /** What is wrong with what was typed; the formula as written is shown then. */
  problem: string | null;
  /** Before rounding. */
  lines: FormulaLine[];
  /** Other formulas that go in. */
  parts: FormulaPart[];
  /** Times the formula as it is written. */
  factor: number;
  rounded: Rounding;
  total: number;
  yield: number;
  substitutions: Substitution[];
  known: ReadonlyMap<string, Ingredient>;
}

/** A formula at the amount that is wanted, with what stands in for what, rounded to the scale. */
export function useScaled(view: FormulaView): Scaled {
  const [settings, setSettings] = useState<ScaleSettings>({
    by: 'yield',
    grams: String(Math.round(view.yield)),
    tin: view.moulds[0]?.name ?? '',
    depth: String(view.figures.batter?.depth ?? 50),
    count: '2',
    scarce: view.formula.lines[0]?.ingredient ?? '',
    eggs: 'whole',
    without: [],
  });
  const known = new Map(view.ingredients.map((i) => [i.id, i]));
  const substitutions = SUBSTITUTIONS.filter((s) => settings.without.includes(s.key));
  const written = {
    ...view.formula,
    lines: substitutions.reduce<FormulaLine[]>((lines, s) => withSubstitution(lines, s), view.formula.lines),
  };
  const scaled = factorOf(written, settings, view);
  const factor = typeof scaled === 'string' ? 1 : scaled;
  const lines = written.lines.map((l) => lineTimes(l, factor));
  const parts = (written.parts ?? []).map((p) => ({ ...p, grams: p.grams * factor }));
  const total = totalGrams({ lines, parts });
  return {
    settings,
    set: (change) => setSettings((s) => ({ ...s, ...change })),
    problem: typeof scaled === 'string' ? scaled : null,
    ...{ lines, parts, factor },
    rounded: roundLines(lines, known, { ...view.figures, eggs: settings.eggs }),
    total,
    yield: total * (1 - view.formula.loss),
    substitutions,
    known,
  };
}

/** How many times the formula is made; or what is wrong with what was typed. */
function factorOf(formula: FormulaView['formula'], s: ScaleSettings, view: FormulaView): number | string {
  const number = (typed: string) => (typed.trim() === '' ? NaN : Number(typed.replace(',', '.')));
  const written = totalGrams(formula);
  if (s.by === 'tins') {
    const mould = view.moulds.find((m) => m.name === s.tin);
    const [depth, count] = [number(s.depth), number(s.count)];
    const { batter } = view.figures;
    if (!mould || !batter) return say`The kitchen owns no tins for it.`;
    if (!(depth > 0 && depth <= 300)) return say`The depth in mm, up to 300.`;
    if (!(Number.isInteger(count) && count > 0 && count <= 60)) return say`How many tins? 1 to 60.`;
    return (batterGrams(mould.form, depth, batter) * count) / written;
  }
  const grams = number(s.grams);
  if (!(grams > 0 && grams <= MOST_GRAMS)) return say`A number of grams above 0, at most 200 kg.`;
  if (s.by === 'scarce')
    return scaleToScarce(formula, s.scarce, grams)?.factor ?? say`It is not in the formula any more.`;
  return grams / (s.by === 'yield' ? yieldGrams(formula) : written);
}
