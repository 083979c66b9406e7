import type { FormulaStep } from '../formula/formula';
import { formName } from '../shape/form';
import type { Hold, Wait } from '../planner/problem';
import type { Load } from './amounts';
import type { BrokenStep, Component, Kitchen } from './breakdown';
import type { Build } from './build';
import { grams } from './words';

interface Parts {
  steps: BrokenStep[];
  waits: Wait[];
  holds: Hold[];
}

/** A load of tins with the mould that bakes it. */
interface MouldedLoad extends Load {
  kind: string;
}

/** Steps of one component: its formula's, once for the batch or once for each load of tins, and its keeping. */
export function componentSteps(order: string, component: Component, build: Build, kitchen: Kitchen): Parts {
  const { formula, role } = component;
  const slots = Math.max(1, ...formula.steps.map((s) => s.oven?.slots ?? 0));
  const loads = splitLoads(component.amount.loads, Math.floor(kitchen.ovenSlots / slots), kitchen);
  // More loads than tins (or a bowl too small): every load gets its own batch, so that no batter stands.
  const rounds = loads.length > component.amount.loads.length;
  const tooMuch = component.amount.grams > kitchen.coefficients.bowlKilos * 1000 && loads.length > 1;
  const perLoad = rounds || tooMuch;
  const count = Math.max(1, loads.length);

  const idsOf = new Map<string, string[]>();
  const steps: BrokenStep[] = [];
  for (const s of formula.steps) {
    const many = loads.length > 1 && (s.each === 'load' || perLoad);
    const ids = Array.from({ length: many ? count : 1 }, (_, i) =>
      many ? `${order}.${role}.${s.key}.${i + 1}` : `${order}.${role}.${s.key}`,
    );
    idsOf.set(s.key, ids);
    ids.forEach((id, i) => {
      const own = many ? [loads[i]!] : loads;
      steps.push(brokenStep(id, order, component, s, own, many ? count : 1));
    });
  }

  const waits: Wait[] = [];
  for (const w of formula.waits)
    for (const [from, to] of pairs(idsOf.get(w.from) ?? [], idsOf.get(w.to) ?? []))
      waits.push({
        id: `${from}>${to}`,
        from,
        to,
        min: w.min,
        max: w.max,
        place: w.place,
        units: w.place ? 1 : 0,
        ageing: w.ageing ?? 0.01,
        why: w.why,
      });

  const holds: Hold[] = [];
  for (const s of formula.steps) {
    if (!s.tinsUntil) continue;
    const untils = idsOf.get(s.tinsUntil) ?? [];
    loads.forEach((load, i) => {
      const ids = idsOf.get(s.key)!;
      const from = ids[i] ?? ids[0]!;
      const until = untils[i] ?? untils[0]!;
      holds.push({ id: `${until}#${load.kind}${i}`, kind: load.kind, units: load.tins, from, until });
    });
  }

  const last = formula.steps.filter((s) => !formula.waits.some((w) => w.from === s.key));
  const ends = last.flatMap((s) => idsOf.get(s.key)!);
  return { steps, waits: [...waits, ...keepingWaits(order, component, build, ends)], holds };
}

/** From the finished component to each stage that takes it; its place is kept until the last of them. */
function keepingWaits(order: string, component: Component, build: Build, ends: string[]): Wait[] {
  const { keeping } = component.formula;
  const takers = build.stages.filter((s) => s.takes.includes(component.role));
  return ends.flatMap((from) =>
    takers.map((stage, i) => {
      const final = i === takers.length - 1;
      const to = `${order}.${stage.key}`;
      return {
        id: `${from}>${to}`,
        from,
        to,
        min: keeping.min,
        max: keeping.max,
        place: final ? keeping.place : null,
        units: final && keeping.place ? keeping.units : 0,
        ageing: final ? keeping.ageing : 0,
        why: keeping.why,
        ...(stage.when ? { when: { ...stage.when, route: `${order}.${stage.when.route}` } } : {}),
      };
    }),
  );
}

function brokenStep(
  id: string,
  order: string,
  component: Component,
  s: FormulaStep,
  loads: MouldedLoad[],
  parts: number,
): BrokenStep {
  const tins = loads.reduce((sum, l) => sum + l.tins, 0);
  const share =
    loads.length > 0 ? loads.reduce((sum, l) => sum + l.tins * l.gramsEach, 0) : component.amount.grams / parts;
  const extra = Math.round((s.minutes.perKilo ?? 0) * (share / 1000));
  return {
    id,
    name: s.name,
    order,
    role: component.role,
    work: s.work,
    minutes: { low: s.minutes.low + extra, likely: s.minutes.likely + extra, high: s.minutes.high + extra },
    people: s.work === 'hands' ? { count: 1, skill: s.skill ?? null } : null,
    uses: s.uses ?? [],
    oven: s.oven ? { celsius: s.oven.celsius, units: s.oven.slots * Math.max(1, tins) } : null,
    earliest: null,
    how: s.how,
    sign: s.sign ?? null,
    caution: s.caution ?? null,
    amount: amountText(component, loads, share),
  };
}

function amountText(component: Component, loads: MouldedLoad[], share: number): string {
  if (component.amount.pieces !== null) return `${component.amount.pieces} pieces, ${grams(share)}`;
  if (loads.length === 0) return grams(share);
  return loads
    .map(
      (l) =>
        `${l.tins} × ${grams(l.gramsEach)} ${l.form.form === 'rectangle' ? 'on sheets' : 'into'} ${formName(l.form)}`,
    )
    .join(', ');
}

/** Splits loads that need more tins than the kitchen owns, or than its largest oven takes, into rounds. */
function splitLoads(loads: Load[], ovenTakes: number, kitchen: Kitchen): MouldedLoad[] {
  return loads.flatMap((load) => {
    const mould = kitchen.moulds.find((m) => formName(m.form) === formName(load.form) && m.owned > 0);
    const atOnce = Math.max(1, Math.min(mould?.owned ?? load.tins, ovenTakes));
    const kind = mould?.kind ?? 'bench';
    const rounds = Math.ceil(load.tins / atOnce);
    return Array.from({ length: rounds }, (_, i) => ({
      ...load,
      kind,
      tins: Math.floor(load.tins / rounds) + (i < load.tins % rounds ? 1 : 0),
    }));
  });
}

/** One to one where both are many, else all with all. */
function pairs(from: string[], to: string[]): [string, string][] {
  if (from.length === to.length) return from.map((f, i) => [f, to[i]!]);
  return from.flatMap((f) => to.map((t) => [f, t] as [string, string]));
}
