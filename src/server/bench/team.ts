import type { KitchenDb } from '../../data/kitchen-db';
import { readPictures } from '../../data/repositories/pictures';
import { timeOf } from '../../core/time/clock';
import { benchView, type BenchView } from './bench-view';
import { loadPlanned } from '../plan/load-planned';

export interface BenchPerson {
  id: string;
  name: string;
  initials: string;
  onShift: boolean;
  doing: string | null;
}

/** Who can pick a name; null without a kitchen. */
export async function loadTeam(db: KitchenDb): Promise<{ time: string; people: BenchPerson[] } | null> {
  const planned = await loadPlanned(db);
  if (!planned) return null;
  const { situation, plan } = planned;
  const { minute, states, kitchen } = situation;
  return {
    time: timeOf(minute, kitchen.clock).toFormat('HH:mm'),
    people: kitchen.rows.people.map((p) => {
      const shifts = plan.problem.people.find((x) => x.id === p.id)?.shifts ?? [];
      const running = [...states.values()].find((s) => s.state === 'running' && s.people.includes(p.id));
      return {
        ...{ id: p.id, name: p.name, initials: p.initials },
        onShift: shifts.some(([start, end]) => minute >= start && minute < end),
        doing: plan.problem.steps.find((s) => s.id === running?.step)?.name ?? null,
      };
    }),
  };
}

export async function loadBench(db: KitchenDb, person: string): Promise<BenchView | null> {
  const planned = await loadPlanned(db);
  const view = planned && benchView(person, planned.situation, planned.plan);
  const cake = view?.now?.cake ?? null;
  if (!view || cake === null) return view;
  const pictures = await readPictures(db, cake);
  return { ...view, pictures: pictures.map(({ id, words }) => ({ id, words })) };
}
