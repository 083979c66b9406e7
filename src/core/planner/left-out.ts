import { say } from '../words/say';
import type { LeftOut } from '../planning-format/plan';
import type { Model } from './model/model';
import { FREE, type Group } from './model/step-model';
import { placeSteps } from './placing/place-steps';
import { narrow, openWindows } from './placing/windows';
import { newWindows } from './table/start-windows';
import { combinations } from './placing/routes';
import { Timetable } from './table/timetable';
import { timetableOfFixed } from './placing/fixed-steps';
import { plainPreference } from './table/preference';

/**
 * Says why an order has no place: because its own waits and facts contradict each other, because it does not fit
 * before the horizon even in an empty kitchen, or because the others leave no room.
 */
export function whyLeftOut(model: Model, order: number): LeftOut {
  const { id, name } = model.problem.orders[order]!;
  const group = model.groups.find((g) => g.orders.includes(order))!;
  const said = (reason: string, blockers: string[]): LeftOut => ({ order: id, reason, blockers });

  const broken = contradiction(model, group);
  if (broken) return said(say`${name} cannot be made as it stands: ${broken.reason}.`, [broken.wait]);

  const prefer = plainPreference(model);
  const { table } = timetableOfFixed(model, prefer);
  if (table.leftOut[order]) return said(say`A pinned step of ${name} does not fit where it was pinned.`, []);
  const [choices] = combinations(table, group);
  group.routes.forEach((r, i) => (table.choice[r] = choices![i]!));
  const alone = placeSteps(table, group, {
    direction: 'earliest',
    prefer,
    noise: () => 0,
    low: (s) => (model.problem.steps[s]!.work === 'collect' ? model.problem.orders[order]!.pickup : -Infinity),
  });
  if (alone.ok) return said(say`There is no room for ${name} beside the other orders.`, []);
  const step = model.problem.steps[alone.failed]!;
  return said(say`“${step.name}” of ${name} finds no place before the end of the planned days.`, [step.id]);
}

/** A wait that no times can satisfy, because of what has already happened or of the other waits. */
function contradiction(model: Model, group: Group): { wait: string; reason: string } | null {
  const table = new Timetable(model);
  const [choices] = combinations(table, group);
  group.routes.forEach((r, i) => (table.choice[r] = choices![i]!));
  const windows = newWindows(model.steps.length);
  openWindows(table, group, windows);
  narrow(table, group, windows, (s) => model.steps[s]!.fixed !== FREE);
  for (const i of group.waits) {
    const w = model.waits[i]!;
    const text = model.problem.waits[i]!;
    if (w.past || !table.waitExists(w)) continue;
    const soonest = windows.low[w.to]! - windows.high[w.from]! - table.lengths.most[w.from]!;
    if (soonest > w.max) {
      const names = [w.from, w.to].map((s) => `“${model.problem.steps[s]!.name}”`);
      return {
        wait: text.id,
        reason: `between ${names[0]} and ${names[1]} there may be ${w.max} min at most, and there are ${soonest} already`,
      };
    }
  }
  return null;
}
