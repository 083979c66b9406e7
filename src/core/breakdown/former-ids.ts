import { withoutPlace } from '../ids/ids';
import type { Hold, Wait } from '../planning-format/problem';
import type { CakeStep } from './steps/cake-step';

interface Work {
  steps: CakeStep[];
  waits: Wait[];
  holds: Hold[];
}

/**
 * The same work with the ids that its steps had before ids were the same whatever the amounts: of several steps of one kind each had its
 * number, the first one too, whatever their tiers. What was told of them then names them so. `known` are the ids that they had: where there
 * are more or fewer of a kind today, the first keeps the one that it was known by.
 */
export function withFormerIds<W extends Work>(work: W, known: ReadonlySet<string> = new Set()): W {
  const of = new Map<string, string[]>();
  for (const { id } of work.steps) of.set(withoutPlace(id), [...(of.get(withoutPlace(id)) ?? []), id]);
  const former = new Map<string, string>();
  for (const [stem, ids] of of) {
    const numbered = (nth: number) => `${stem}.${nth}`;
    const [usual, other] = ids.length > 1 ? [numbered(1), stem] : [stem, numbered(1)];
    const first = !known.has(usual) && known.has(other) ? other : usual;
    ids.forEach((id, i) => former.set(id, i === 0 ? first : numbered(i + 1)));
  }
  const named = (id: string) => former.get(id) ?? id;
  /** Ids of waits and holds are made of those of steps. */
  const joined = (id: string) => id.replace(/[^>#?]+/g, named);
  return {
    ...work,
    steps: work.steps.map((s) => ({ ...s, id: named(s.id) as CakeStep['id'] })),
    waits: work.waits.map((w) => ({ ...w, id: joined(w.id), from: named(w.from), to: named(w.to) })),
    holds: work.holds.map((h) => ({ ...h, id: joined(h.id), from: named(h.from), until: named(h.until) })),
  };
}
