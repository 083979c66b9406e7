import { orderNumberOf } from '../../../core/ids/ids';
import { demoFile } from '../demo';
import { demoOrder } from '../demo-parts';
import { minutesAfterAnchor, type PastStep } from '../past-step';

const past = demoFile.orders!.filter((o) => o.state === 'handed over');

/** Six weeks of work: what was ordered, how long it took, and what a probe read. */
export const demoRecord = {
  orders: past.map(demoOrder),
  work: pastWork(),
  probes: demoFile.probeSeries!.map((p) => ({ ...p, start: minutesAfterAnchor(p.takenAt) })),
};

type ToldStart = Pick<PastStep, 'people' | 'equipment'> & { step: string };
type ToldFinish = Pick<PastStep, 'name' | 'likely' | 'check'> & { step: string };

function pastWork(): PastStep[] {
  const begun = new Map<string, ToldStart & { start: number }>();
  const work: PastStep[] = [];
  for (const { kind, at, body } of demoFile.events!) {
    const minute = minutesAfterAnchor(at);
    if (kind === 'start') {
      const told = body as unknown as ToldStart;
      begun.set(told.step, { ...told, start: minute });
    }
    if (kind !== 'finish') continue;
    const { step, name, likely, check } = body as unknown as ToldFinish;
    const { start, people, equipment } = begun.get(step)!;
    const order = past.findIndex((o) => o.id === orderNumberOf(step));
    const own = { order, step: step.slice(step.indexOf('.') + 1), name, likely, start, took: minute - start };
    work.push({ ...own, people, equipment, ...(check && { check }) });
  }
  return work;
}
