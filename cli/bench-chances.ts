/**
 * Says how likely the cakes of the demo's Saturday are ready, by the product's own days and by others that share nothing with them. See
 * `cli/README.md`. Prints a table; nothing is written.
 */
import { parseArgs } from 'node:util';
import { MinuteByMinute } from './days/minute-by-minute';
import { planSaturday } from './days/plan-saturday';
import { saturday } from './days/saturday';
import { wholeNumberList, wholeNumbers } from './whole-numbers';
import { costOfAge } from '../src/core/plan-reading/age';
import { simulate } from '../src/core/planner/answers/simulate';
import { seededRandom } from '../src/core/planner/model/random';
import { SLACK } from '../src/core/situation/with-slack';
import { minutesAt } from '../src/core/time/minutes';

const { values } = parseArgs({
  options: {
    cakes: { type: 'string', default: '12,20,30' },
    days: { type: 'string', default: '3' },
    seed: { type: 'string', default: '1' },
    rounds: { type: 'string', default: '1000' },
    /** How often a plan with slack is lived through, and planned again with what is kept free shifted to where the days need it. */
    laps: { type: 'string', default: '12' },
    /** Days that are lived, by either. */
    runs: { type: 'string', default: '500' },
    plain: { type: 'string', default: '200' },
  },
});
const { days, seed, rounds, runs, plain } = wholeNumbers(values, ['days', 'seed', 'rounds', 'runs', 'plain'], 1);
const { laps } = wholeNumbers(values, ['laps']);
const cakesOf = wholeNumberList(values.cakes, 'cakes');

const mean = (list: number[]) => list.reduce((sum, x) => sum + x, 0) / list.length;
console.log('cakes day slack steps late age mean/plain most-apart all-ready by-the-wall ms');
for (const cakes of cakesOf)
  for (let day = 1; day <= days; day++)
    for (const { key: slack } of SLACK.choices) {
      const base = saturday(cakes, seed * 100 + day);
      const { problem, plan } = planSaturday(base, slack, { seed, rounds, laps });
      const began = performance.now();
      const said = simulate(problem, plan, runs, seed);
      const ms = performance.now() - began;
      const wall = simulate(problem, plan, runs, seed, { begins: 'wall' });

      const lived = new MinuteByMinute(problem, plan);
      const random = seededRandom(seed * 1000 + day);
      const ready = new Map(problem.orders.map((o) => [o.id, 0]));
      let all = 0;
      for (let run = 0; run < plain; run++) {
        const lasts = new Map(problem.steps.map((s) => [s.id, minutesAt(s.minutes, random())]));
        const left = lived.live((id) => lasts.get(id)!);
        const inTime = problem.orders.filter((o) => left.get(o.id)! <= o.pickup);
        for (const o of inTime) ready.set(o.id, ready.get(o.id)! + 1);
        if (inTime.length === problem.orders.length) all += 1;
      }
      const apart = said.orders.map((o) => Math.abs(o.chance - ready.get(o.order)! / plain));
      const chances = said.orders.map((o) => o.chance);
      const chancesByWall = wall.orders.map((o) => o.chance);
      console.log(
        [
          ...[cakes, day, slack, plan.steps.length, plan.score.lateness, Math.round(costOfAge({ problem, plan }))],
          `${mean(chances).toFixed(3)}/${mean([...ready.values()].map((n) => n / plain)).toFixed(3)}`,
          ...[Math.max(...apart).toFixed(3), (all / plain).toFixed(3), mean(chancesByWall).toFixed(3), Math.round(ms)],
        ].join(' '),
      );
    }
