import { lineTimes } from '../formula/scale';
import { isFromStore } from '../breakdown/amounts/stored-as';
import { keyOf, withoutPlace } from '../ids/ids';
import type { Kitchen } from '../breakdown/kitchen';
import type { PreparationKind } from '../breakdown/steps/preparations';
import { roundLines } from '../formula/rounding';
import { preparedAt, type Presence } from './prepared-at';
import { eggUse } from './egg-use';
import type { EggBalance } from './egg-balance';
import { shoppingList, type SupplierGroup } from './shopping';
import type { PlacedWork, WeighOut } from './weigh-out';

/** Something to take out, chill, line, soak or heat, and when. */
interface PullTask {
  key: string;
  kind: PreparationKind;
  at: number;
  text: string;
  /** What it is for, and whose. */
  steps: string[];
  forWhom: string[];
}

export interface PullList {
  weighOuts: WeighOut[];
  tasks: PullTask[];
  eggs: EggBalance;
  shopping: SupplierGroup[];
}

/** Which step of a component its ingredients are weighed for: its first for hands. */
function weighedAt({ component, step }: PlacedWork): boolean {
  return step.work === 'hands' && keyOf(step.id) === component?.formula.steps.find((s) => s.work === 'hands')?.key;
}

/** The same thing asked for again within this many minutes is done once, at the earlier time. */
const AT_ONCE = 30;

function joinTasks(sorted: PullTask[]): PullTask[] {
  const joined: PullTask[] = [];
  for (const task of sorted) {
    const same = joined.find((t) => t.kind === task.kind && t.text === task.text && task.at - t.at <= AT_ONCE);
    if (!same) joined.push(task);
    else {
      same.steps = [...new Set([...same.steps, ...task.steps])];
      same.forWhom = [...new Set([...same.forWhom, ...task.forWhom])];
    }
  }
  return joined;
}

/**
 * What has to be weighed, cracked and bought for the work that begins in a span [from, to) of minutes, and what has to be prepared within it,
 * each with its time; `presence` is when somebody is in. A component that is mixed several times is weighed for each mix; the mixes add up to its lines.
 */
export function pullList(
  works: PlacedWork[],
  from: number,
  to: number,
  kitchen: Kitchen,
  stock: ReadonlyMap<string, number>,
  presence: Presence,
): PullList {
  const inside = works.filter((w) => w.start >= from && w.start < to).sort((a, b) => a.start - b.start);
  // What comes out of the store is weighed there.
  const weighed = inside.filter((w) => weighedAt(w) && !isFromStore(w.component!.formula));
  /** What of its component a step mixes: its own tins. Where a plan of before has not told it, every mix has as much. */
  const shareOf = ({ step, component }: PlacedWork): number => {
    const all = component!.amount.grams;
    if (step.grams !== null) return all === 0 ? 0 : step.grams / all;
    return 1 / works.filter((x) => withoutPlace(x.step.id) === withoutPlace(step.id)).length;
  };
  const { coefficients: figures } = kitchen;
  const weighOuts = weighed.map((w): WeighOut => {
    const { component, step } = w;
    const share = shareOf(w);
    const lines = component!.lines.map((l) => lineTimes(l, share));
    const rounded = roundLines(lines, kitchen.ingredients, {
      eggs: 'beaten',
      eggWeight: figures.egg.weight,
      sheetGrams: figures.sheetGrades[figures.sheetGrade].grams,
    });
    const grams = component!.amount.grams * share;
    return {
      key: `weigh ${step.id} ${Math.round(grams)}`,
      step: step.id,
      at: w.start,
      formula: component!.formula.id,
      formulaName: component!.formula.name,
      forWhom: w.forWhom,
      grams,
      into: component!.amount.loads.length > 0 ? step.amount : null,
      lines: rounded.lines.map((l) => ({ ...l, name: kitchen.ingredients.get(l.ingredient)?.name ?? l.ingredient })),
      takes: (component!.takes ?? []).map(({ name, grams: all }) => ({ name, grams: all * share })),
      warns: rounded.warns,
    };
  });
  const tasks = joinTasks(
    works
      .flatMap((w) =>
        w.step.preparations.map((p): PullTask => ({
          key: `${p.kind} ${w.step.id} ${p.before}`,
          kind: p.kind,
          at: preparedAt(p.kind, w.start, p.before, presence),
          text: p.text,
          steps: [w.step.name],
          forWhom: [w.forWhom],
        })),
      )
      // By their own time: what is done in the evening for tomorrow belongs to today.
      .filter((t) => t.at >= from && t.at < to)
      .sort((a, b) => a.at - b.at),
  );
  const eggs = eggUse(weighOuts, works, to, kitchen);
  return { weighOuts, tasks, eggs, shopping: shoppingList(weighOuts, eggs, kitchen.ingredients, stock) };
}
