import type { Model } from '../model/model';
import type { Group } from '../model/step-model';
import { sum, type Random } from '../model/random';
import type { Timetable } from '../table/timetable';

/** Work this long before a pickup may be in its way. Minutes. */
const RIVAL_SPAN = 900;

/** One to four groups: the one in the centre, the others near it in time. */
export function neighbourhood(model: Model, centre: Group, random: Random): Group[] {
  const { groups, problem } = model;
  const count = Math.min(groups.length, 1 + Math.floor(random() * 4));
  const time = (g: Group) => (g.orders.length > 0 ? problem.orders[g.orders[0]!]!.pickup : problem.horizon);
  const others = groups
    .filter((g) => g !== centre)
    .map((g) => ({ g, far: Math.abs(time(g) - time(centre)) * (0.2 + random()) }))
    .sort((a, b) => a.far - b.far);
  return [centre, ...others.slice(0, count - 1).map((x) => x.g)];
}

/**
 * The group in the centre with some of those whose work takes the hands and things that it needs, shortly before its pickup:
 * all that it needs, or only what one of its steps does.
 */
export function rivals(table: Timetable, centre: Group, random: Random): Group[] {
  const { model } = table;
  const { groups, problem, steps, groupOf } = model;
  if (centre.orders.length === 0) return [centre];
  const until = Math.max(...centre.orders.map((o) => problem.orders[o]!.pickup));
  const from = until - RIVAL_SPAN;
  const people = new Set<number>();
  const items = new Set<number>();
  const needing = random() < 0.5 ? centre.steps : [centre.steps[Math.floor(random() * centre.steps.length)]!];
  for (const s of needing) {
    for (const p of steps[s]!.candidates) people.add(p);
    for (const need of steps[s]!.needs) for (const i of need.items) items.add(i);
  }
  const minutes = new Map<number, number>();
  for (let s = 0; s < steps.length; s++) {
    const g = groupOf[s]!;
    if (!table.placed[s] || groups[g] === centre || table.end(s) <= from || table.start[s]! >= until) continue;
    const shared = table.crew[s]!.some((p) => people.has(p)) || table.stepItems[s]!.some((i) => items.has(i));
    if (shared) minutes.set(g, (minutes.get(g) ?? 0) + table.lengths.least[s]!);
  }
  const count = 1 + Math.floor(random() * 3);
  const drawn = [...minutes].map(([g, m]) => ({ g, rank: random() ** (1 / (m + 1)) })).sort((a, b) => b.rank - a.rank);
  return [centre, ...drawn.slice(0, count).map((x) => groups[x.g]!)];
}

/** A group, the likelier the more it costs above what it must. */
export function drawByExcess(costs: Map<Group, number>, least: Map<Group, number>, random: Random): Group {
  const entries = [...costs].map(([g, c]) => [g, Math.sqrt(Math.max(0, c - least.get(g)!))] as const);
  let mark = random() * sum(entries.map(([, e]) => e));
  for (const [group, e] of entries) if ((mark -= e) <= 0) return group;
  return entries[entries.length - 1]![0];
}
