import { say } from '../../words/say';
import { scaleToYield } from '../../formula/scale';
import { durationText } from '../../time/duration-text';
import type { Stage, Work } from '../../design/work';
import type { Amount, Portion } from './amount';
import type { Component } from './component';

/**
 * Parts whose uses lie further apart than they keep are made once for each: the later uses become a part of their own. What lies between two stages
 * at least is what the waits and the work between them take.
 */
export function madeTwice(work: Work, components: readonly Component[]): { work: Work; components: Component[] } {
  const lag = leastLags(work);
  let { stages } = work;
  const made = components.flatMap((c): Component[] => {
    const order = stages.filter((s) => c.amount.portions.some((p) => p.stage === s.key));
    const groups = apart(order, c.formula.keeping.max, lag);
    if (groups.length < 2 || c.amount.loads.length > 0 || c.amount.computed !== null) return [c];
    return groups.map((group, i) => {
      const role = i === 0 ? c.role : `${c.role}-${i + 1}`;
      const keys = group.map((s) => s.key);
      if (i > 0)
        stages = stages.map((s) =>
          keys.includes(s.key) ? { ...s, takes: s.takes.map((r) => (r === c.role ? role : r)) } : s,
        );
      const others = groups.flat().filter((s) => !group.includes(s));
      const hours = durationText(lag(groups[0]![0]!.key, groups.at(-1)![0]!.key));
      return ofStages(
        c,
        role,
        keys,
        others.map((s) => s.key),
        hours,
      );
    });
  });
  return { work: { ...work, stages }, components: made };
}

/** Stages in groups that a batch can serve while it keeps. */
function apart(stages: readonly Stage[], keeps: number, lag: (from: string, to: string) => number): Stage[][] {
  const groups: Stage[][] = [];
  for (const s of stages) {
    const group = groups.at(-1);
    if (group && lag(group[0]!.key, s.key) <= keeps) group.push(s);
    else groups.push([s]);
  }
  return groups;
}

/** What of a batch is for some of its stages; what is told by no stage belongs to the first of them, what is lost is lost alike. */
function ofStages(
  c: Component,
  role: string,
  keys: readonly string[],
  others: readonly string[],
  hours: string,
): Component {
  const { amount, formula } = c;
  const mine = (p: Portion) => (p.stage === undefined ? role === c.role : keys.includes(p.stage));
  const kept = amount.portions.filter((p) => !p.lost && mine(p));
  const all = amount.portions.filter((p) => !p.lost).reduce((sum, p) => sum + p.grams, 0);
  const share = all === 0 ? 0 : kept.reduce((sum, p) => sum + p.grams, 0) / all;
  const lost = amount.portions.filter((p) => p.lost).map((p) => ({ ...p, grams: p.grams * share }));
  const portions = [...kept, ...lost];
  const own: Amount = {
    ...amount,
    grams: portions.reduce((sum, p) => sum + p.grams, 0),
    portions,
    pieces: others.length > 0 ? null : amount.pieces,
    because: say`${amount.because}; made more than once: its uses lie ${hours} apart, and it keeps ${durationText(formula.keeping.max)}`,
  };
  return { ...c, role, amount: own, lines: scaleToYield(own.raw ? { ...formula, loss: 0 } : formula, own.grams) };
}

/** Minutes that lie at least between the ends of two stages: the longest way through waits and work, whichever route is taken. */
function leastLags({ stages, waits }: Work): (from: string, to: string) => number {
  const at = new Map(stages.map((s, i) => [s.key, i]));
  const pairs = new Map<string, { from: string; to: string; min: number }>();
  for (const { from, to, min } of waits) {
    const known = pairs.get(`${from}>${to}`);
    // On several routes the shortest of them.
    pairs.set(`${from}>${to}`, { from, to, min: known ? Math.min(known.min, min) : min });
  }
  return (from, to) => {
    const longest = new Map<string, number>([[from, 0]]);
    for (const stage of stages.slice(at.get(from) ?? 0)) {
      for (const p of pairs.values()) {
        const before = p.to === stage.key ? longest.get(p.from) : undefined;
        if (before === undefined) continue;
        const until = before + p.min + stage.minutes.low;
        if (until > (longest.get(stage.key) ?? -1)) longest.set(stage.key, until);
      }
    }
    return longest.get(to) ?? 0;
  };
}
