import { compile } from '../model/model';
import { FREE, type Group } from '../model/step-model';
import { seededRandom } from '../model/random';
import { search } from '../search/search';
import { timetableOfFixed } from './fixed-steps';
import { plainPreference } from '../table/preference';
import { placeStep } from './slot';
import { generateProblem } from '../testing/generate';
import type { Timetable } from '../table/timetable';
import { currentWindows, narrow, narrowFrom, openWindows, pull, roomOf } from './windows';
import { newWindows } from '../table/start-windows';
import { seeds } from '../../testing/chance';

/** A kitchen with nothing in it but its facts, and the outer windows of one of its groups. */
function emptyKitchen(seed: number, facts = false) {
  const model = compile(generateProblem({ cakes: 5, seed, facts }));
  const prefer = plainPreference(model);
  const { table } = timetableOfFixed(model, prefer);
  return { model, prefer, table };
}

function openOuter(table: Timetable, group: Group): boolean {
  const { model, outer } = table;
  openWindows(table, group, outer);
  return narrow(table, group, outer, (s) => model.steps[s]!.fixed !== FREE);
}

describe('start-time windows', () => {
  it('kept as steps are placed are those reckoned anew, whatever the order', () => {
    let compared = 0;
    for (const seed of seeds(1, 20)) {
      const { model, prefer, table } = emptyKitchen(seed, seed % 2 === 0);
      const random = seededRandom(seed);
      const { outer, now } = table;
      const anew = newWindows(model.steps.length);
      for (const group of model.groups) {
        if (!openOuter(table, group) || !currentWindows(table, group, outer, now)) continue;
        const waiting = group.steps.filter((s) => table.exists(s) && !table.placed[s]);
        while (waiting.length > 0) {
          const [step] = waiting.splice(Math.floor(random() * waiting.length), 1);
          const [low, high] = [now.low[step!]!, now.high[step!]!];
          if (low > high) break;
          const slot = placeStep(table, step!, low, high, random() < 0.5 ? 'latest' : 'earliest', prefer);
          if (slot.start === null) break;
          expect(narrowFrom(table, now, step!)).toBe(true);
          expect(currentWindows(table, group, outer, anew)).toBe(true);
          for (const s of group.steps) {
            if (!table.exists(s)) continue;
            expect([now.low[s], now.high[s]]).toEqual([anew.low[s], anew.high[s]]);
            compared += 1;
          }
        }
        table.removeGroup(group);
      }
    }
    expect(compared).toBeGreaterThan(1000);
  });

  it('leave a step the room that its neighbours give it', () => {
    for (const seed of seeds(1, 5)) {
      const model = compile(generateProblem({ cakes: 5, seed }));
      const found = search(model, { seed: 1, rounds: 0, stop: () => false });
      if (!found.ok) throw new Error('no plan');
      const { table } = found;
      for (const group of model.groups)
        for (const s of group.steps) {
          if (!table.placed[s]) continue;
          const [low, high] = roomOf(table, s);
          expect(low).toBeLessThanOrEqual(table.start[s]!);
          expect(high).toBeGreaterThanOrEqual(table.start[s]!);
          for (const start of [low - 1, high + 1]) {
            const { waitsIn, waitsOut, earliest } = model.steps[s]!;
            const minutes = table.lengths.least[s]!;
            const breaks = (i: number) => {
              const w = model.waits[i]!;
              if (!table.waitExists(w)) return false;
              const gap = w.from === s ? table.start[w.to]! - start - minutes : start - table.end(w.from);
              return gap < w.min || gap > w.max;
            };
            const order = model.problem.orders.find((o) => model.stepIndex.get(o.collect) === s);
            const outside = start < Math.max(earliest, order?.pickup ?? 0) || start + minutes > model.problem.horizon;
            const broken = [...waitsIn, ...waitsOut].filter(breaks);
            expect({ s, start, outside, broken }).not.toEqual({ s, start, outside: false, broken: [] });
          }
        }
    }
  });

  it('take a run along that hangs together by its longest waits, and what is placed where it now cannot be', () => {
    const { model, prefer, table } = emptyKitchen(3);
    const group = model.groups[0]!;
    const { outer, now } = table;
    expect(openOuter(table, group)).toBe(true);
    currentWindows(table, group, outer, now);
    const bake = group.steps.find((s) => model.steps[s]!.work === 'oven')!;
    const into = model.waits[model.steps[bake]!.waitsIn[0]!]!;
    const slot = placeStep(table, bake, now.low[bake]! + 2000, now.high[bake]!, 'earliest', prefer);
    expect(slot.start).not.toBeNull();
    const before = table.start[bake]!;
    // Mixed 300 minutes earlier at the latest, the batter does not keep: the bake has to be placed anew, and earlier.
    expect(pull(table, group, outer, into.from, before - 300, 'latest')).toBe(true);
    expect(table.placed[bake]).toBe(0);
    expect(outer.high[bake]).toBe(before - 300 + table.lengths.least[into.from]! + into.max);
    expect(pull(table, group, outer, into.from, before, 'latest')).toBe(false);
  });
});
