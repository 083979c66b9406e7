import { breakDown } from '../../src/core/breakdown/break-down';
import { formsOfBuild } from '../../src/core/breakdown/forms-of-build';
import { orderId } from '../../src/core/ids/ids';
import { seededRandom } from '../../src/core/planner/model/random';
import type { Problem } from '../../src/core/planning-format/problem';
import { makeProblem } from '../../src/core/situation/make-problem';
import { starterBuilds } from '../../src/data/kitchens/starter';
import { demoLibrary } from '../../src/data/kitchens/demo-parts';
import { demoEquipment, demoTeam } from '../../src/data/kitchens/demo-parts';

const clock = { origin: '2027-05-17T00:00:00.000+00:00', zone: 'UTC' };
const MONDAY = 1;
const SATURDAY = 5 * 1440;
/** From 9 to 17:30, at half hours. */
const [FIRST_PICKUP, PICKUPS] = [540, 18];
/** Wednesday noon: what is for Saturday can be begun. */
const NOW = 2 * 1440 + 720;

/** The demo's kitchen with so many cakes for one Saturday, drawn by a seed from its builds in the sizes that they are made in. */
export function saturday(cakes: number, seed: number): Problem {
  const random = seededRandom(seed * 6007 + cakes);
  const draw = <T>(list: readonly T[]) => list[Math.floor(random() * list.length)]!;
  const team = demoTeam(MONDAY);
  const orders = Array.from({ length: cakes }, (_, i) => {
    const build = draw(starterBuilds);
    const form = draw(formsOfBuild(build, demoLibrary.moulds));
    const id = orderId(i + 1);
    const pickup = SATURDAY + FIRST_PICKUP + 30 * Math.floor(random() * PICKUPS);
    const breakdown = breakDown({ id, build, tiers: [form] }, demoLibrary);
    return { id, name: `${build.name} ${i + 1}`, pickup, weight: 1, breakdown };
  });
  return makeProblem(orders, team, demoEquipment, clock, NOW);
}
