import { say } from '../../core/words/say';
import { cakeName } from '../../core/breakdown/amounts/cake';
import { compareBreakdowns } from '../../core/breakdown/compare-breakdowns';
import { withFigures } from '../../core/breakdown/figures/figure-list';
import type { Form } from '../../core/shape/form';
import { breakDownOrder } from '../../core/situation/break-down-orders';
import type { KitchenDb } from '../../data/kitchen-db';
import { sizesFor, whyNoSize } from '../builds/sizes';
import { changeWords } from '../orders/change-words';
import { refuse, type Result } from '../shared/result';
import { loadKitchen, type LoadedKitchen } from '../situation/load-kitchen';

/** The example is a cake for so many. */
const GUESTS = 24;

/** What figures would change on an example cake. */
export interface TriedFigures {
  /** "Rye crate, square 20 cm" */
  example: string;
  /** What is otherwise, in words; none where the figures are of nothing in it. */
  changes: string[];
}

/**
 * Figures as they are typed, tried on an example cake of a build, or of the first that they change; nothing is saved. What cannot be is told beside
 * its figure.
 */
export async function tryFigures(
  db: KitchenDb,
  { build, figures }: { build: string | null; figures: Record<string, number> },
): Promise<Result<TriedFigures>> {
  const kitchen = await loadKitchen(db);
  if (!kitchen) return refuse(say`There is no kitchen yet.`);
  const changed = withFigures(kitchen.library.coefficients, figures);
  if (!changed.ok) return refuse(say`Some figures need another look.`, changed.fields);
  const after = { ...kitchen, library: { ...kitchen.library, coefficients: changed.figures } };
  if (build !== null) return triedOn(build, kitchen, after);
  for (const { id } of kitchen.rows.builds) {
    const tried = triedOn(id, kitchen, after);
    if (tried.ok && tried.changes.length > 0) return tried;
  }
  return { ok: true, example: say`any cake`, changes: [] };
}

function triedOn(build: string, kitchen: LoadedKitchen, after: LoadedKitchen): Result<TriedFigures> {
  const known = kitchen.builds.get(build);
  if (!known) return refuse(say`There is no such build.`);
  const [size] = sizesFor(build, GUESTS, kitchen);
  if (!size) return refuse(whyNoSize(known, GUESTS, kitchen));
  const tiers = JSON.parse(size.value) as Form[];
  const example = {
    ...{ id: 0, build, tiers, inscription: '', without: [], swaps: {}, overrides: {}, choices: {} },
    ...{ versions: {}, kept: null },
  };
  const changes = compareBreakdowns(breakDownOrder(example, kitchen), breakDownOrder({ ...example }, after));
  return { ok: true, example: say`${known.name}, ${cakeName(tiers)}`, changes: changes.map(changeWords) };
}
