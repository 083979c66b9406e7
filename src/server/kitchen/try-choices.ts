import { say } from '../../core/words/say';
import { costOfAge } from '../../core/plan-reading/age';
import { shareInLastHours } from '../../core/plan-reading/last-hours';
import { readingOf } from '../../core/plan-reading/plan-reading';
import { pacesOf } from '../../core/records/pace';
import { problemOf } from '../../core/situation/problem-of';
import { habitOf } from '../../core/situation/habit';
import { SLACK } from '../../core/situation/with-slack';
import { WORK_AHEAD } from '../../core/situation/work-ahead';
import type { KitchenDb } from '../../data/kitchen-db';
import { readPlan, type PlanRow } from '../../data/repositories/plans';
import { readWorkLog } from '../../data/repositories/work-log';
import { GRACE } from '../plan/chances';
import { CHANGED } from '../plan/limits';
import { askInThread, planInThread } from '../plan/planner-thread';
import { refuse, type Result } from '../shared/result';
import { loadSituation } from '../situation/load-situation';
import type { Situation } from '../situation/situation';

/** What the plan of all orders would be with one answer to a question of how the plan is made. */
export interface TriedChoice {
  choice: string;
  /** Orders that it has late or leaves out. */
  late: number;
  /** Of a hundred cakes, so many are late on a day as days are. */
  lateOfHundred: number;
  /** What the age of all parts costs. */
  age: number;
  /** Share of the hands' minutes that lies in the last hours before a pickup. */
  inLastHours: number;
}

export interface TriedChoices {
  hours: number;
  tried: TriedChoice[];
}

/** Half as long as the plan is searched for after the choice: there are several. */
const LIMITS = { ...CHANGED, seconds: CHANGED.seconds / 2 };
const DAYS = 500;

/** Plans all orders on copies, once with each answer to one of the questions of how the plan is made, and lives through the plans. */
export async function tryChoices(db: KitchenDb, key: string): Promise<Result<TriedChoices>> {
  const situation = await loadSituation(db);
  const plan = await readPlan(db);
  if (!situation || !plan) return refuse(say`There is no plan yet.`);
  const { library, clock } = situation.kitchen;
  const question = [SLACK, WORK_AHEAD].find((q) => q.key === key);
  if (!question) return refuse(say`There is no such question.`);
  const hours = library.coefficients.lastHours;
  const { done } = await readWorkLog(db, clock);
  const [paces, begins] = [pacesOf(done), habitOf(library.choices, done)];
  const plans = [];
  for (const { key: choice } of question.choices) {
    const tried = await planWith(db, { ...situation, paces, begins }, plan, { [key]: choice });
    if (!tried.ok) return refuse(tried.problems.map((p) => p.message).join(' '));
    const planned = { problem: tried.given.problem, plan: tried.plan };
    const days = await askInThread(db.kitchen, 'chances', { ...planned, runs: DAYS, grace: GRACE, paces, begins });
    plans.push({ choice, planned, days });
  }
  return {
    ok: true,
    hours,
    tried: plans.map(({ choice, planned, days }) => {
      const reading = readingOf(planned);
      const chances = days.orders.map((o) => o.chance);
      return {
        choice,
        late: planned.problem.orders.filter((o) => (reading.minutesLate(o.id) ?? 1) > 0).length,
        lateOfHundred: 100 * (1 - chances.reduce((sum, c) => sum + c, 0) / Math.max(1, chances.length)),
        age: costOfAge(planned),
        inLastHours: shareInLastHours(planned, hours),
      };
    }),
  };
}

function planWith(db: KitchenDb, situation: Situation, plan: PlanRow, choices: Record<string, string>) {
  const { kitchen } = situation;
  const library = { ...kitchen.library, choices: { ...kitchen.library.choices, ...choices } };
  const { problem, hold } = problemOf({ ...situation, kitchen: { ...kitchen, library } });
  return planInThread(
    db.kitchen,
    { problem, hold, before: { plan: plan.plan, waits: plan.stood }, ...LIMITS },
    'trials',
  );
}
