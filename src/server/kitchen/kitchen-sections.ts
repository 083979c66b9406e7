import type { Block } from '../../core/design/block';
import { KINDS } from '../../core/design/kinds/kinds';
import { skillsOfWork } from '../../core/design/skills';
import { designOfOrder } from '../../core/situation/break-down-orders';
import { starterBlocks } from '../../data/kitchens/starter';
import { valueAt } from '../../core/ids/value-at';
import { say } from '../../core/words/say';
import { groupOf, type ItemGroup } from '../../core/kitchen/item';
import { missingFor, type Missing } from '../../core/kitchen/missing';
import type { Opening } from '../../core/kitchen/opening';
import { skillNames, USUAL_SKILLS } from '../../core/kitchen/person';
import { SETUP_STEPS, type SetupStep } from '../../core/kitchen/setup-steps';
import { STARTER_SETS } from '../../core/kitchen/starter-sets';
import type { Reading } from '../../core/measure/show-quantity';
import { timeOf } from '../../core/time/clock';
import type { Entry } from '../../data/repositories/entries';
import type { KitchenDb } from '../../data/kitchen-db';
import { readPlan } from '../../data/repositories/plans';
import { buildsInUse } from '../builds/in-use';
import type { Situation } from '../situation/situation';
import { loadSituation } from '../situation/load-situation';
import { loadChanges, type ChangeLine } from './changes';
import { touchedBy } from './touches';

export type LastChange = Pick<ChangeLine, 'event' | 'what' | 'when' | 'by'>;

/** What all pages of a kitchen’s own things show. */
export interface KitchenFrame {
  name: string;
  version: number;
  /** Steps of setting up that are done; null once the kitchen is set up. */
  setUp: SetupStep[] | null;
  /** What a good plan lacks, the worst first. */
  missing: Missing[];
  /** How much there is of each section. */
  counts: Record<string, number>;
  /** Today, as an ISO date. */
  today: string;
  reading: Reading | null;
  /** The newest change of a person or a thing, to take back; null where there is none. */
  lastChange: LastChange | null;
  /** Who may be using this device. */
  team: { id: string; name: string }[];
}

type Shown<E> = E & { touches: number };
export type ShownPerson = Shown<Entry<'people'>>;
export type ShownItem = Shown<Entry<'items'>>;
/** A kind of work on cakes: as it ships, as the kitchen has it in its place, or one of its own. */
export interface ShownBlock {
  block: Block;
  is: 'shipped' | 'own version' | 'own';
  /** 0 of what ships. */
  version: number;
  retiredAt: Date | null;
  /** Open orders that have it, and do not say themselves how long it takes. */
  touches: number;
}
export type ShownIngredient = Shown<Entry<'ingredients'>> & { formulas: number };

/** Everything of a kitchen that its own pages show. */
export interface KitchenSections extends KitchenFrame {
  people: ShownPerson[];
  items: ShownItem[];
  ingredients: ShownIngredient[];
  suppliers: Entry<'suppliers'>[];
  standingWork: Entry<'standing work'>[];
  blocks: ShownBlock[];
  opening: Opening;
  /** The kitchen’s own list, with what formulas ask for. */
  skills: string[];
  zone: string;
  figures: { daysAhead: number };
}

const isHere = ({ retiredAt }: { retiredAt: Date | null }) => retiredAt === null;

/** Starter sets of a group that are not all there yet, by what they are called. */
export const setsFor = (group: ItemGroup, { items }: Pick<KitchenSections, 'items'>) =>
  STARTER_SETS.filter(
    (s) => s.group === group && s.items.some((i) => !items.some((x) => isHere(x) && x.name === i.name)),
  ).map(({ key, name }) => ({ key, name }));

/** All work on cakes, in the order in which it is done, those of one kind by their name. */
function shownBlocks({ kitchen, orders }: Situation): ShownBlock[] {
  const uses = orders.map(
    (o) => new Set(designOfOrder(o, kitchen)?.blocks.flatMap((b) => (b.ownStages ? [] : b.block))),
  );
  const rank = ({ block }: ShownBlock) => KINDS[block.kind].rank;
  return [...kitchen.library.blocks.values()]
    .map((block): ShownBlock => {
      const entry = kitchen.rows.entries.blocks.find((e) => e.id === block.id);
      const own = entry && !(starterBlocks.has(block.id) && entry.retiredAt !== null);
      return {
        block,
        is: !own ? 'shipped' : starterBlocks.has(block.id) ? 'own version' : 'own',
        ...{ version: entry?.version ?? 0, retiredAt: own ? entry.retiredAt : null },
        touches: uses.filter((u) => u.has(block.id)).length,
      };
    })
    .sort((a, b) => rank(a) - rank(b) || (a.block.name < b.block.name ? -1 : 1));
}

/** Steps that somebody is through with, and those of which something is there already; null once that is all of them. */
function stepsDone(through: readonly string[], counts: Record<string, number>): SetupStep[] | null {
  const done = SETUP_STEPS.filter((s) => through.includes(s) || (counts[s] ?? 0) > 0);
  return done.length === SETUP_STEPS.length ? null : done;
}

/** Null while there is no kitchen. */
export async function loadKitchenSections(db: KitchenDb): Promise<KitchenSections | null> {
  const situation = await loadSituation(db);
  if (!situation) return null;
  const { kitchen } = situation;
  const { entries, kitchen: row } = kitchen.rows;
  const touched = touchedBy(situation, await readPlan(db));
  const inUse = <E extends { retiredAt: Date | null }>(list: readonly E[]) => list.filter(isHere);
  const asked = [...kitchen.library.formulas.values()].flatMap((f) => f.steps.flatMap((s) => s.skill ?? []));
  const stages = [...kitchen.builds.values()].flatMap((b) => skillsOfWork(b.design, kitchen.library.blocks));
  const needs = [...new Set([...asked, ...stages])];
  const has = new Set(inUse(entries.people).flatMap(skillNames));
  const items = inUse(entries.items);
  const group = (g: ItemGroup) => items.filter((i) => groupOf(i) === g).length;
  const counts = {
    people: inUse(entries.people).length,
    ...{ ovens: group('ovens'), machines: group('machines'), tins: group('tins'), places: group('places') },
    ingredients: inUse(entries.ingredients).length,
    suppliers: inUse(entries.suppliers).length,
    'standing-work': inUse(entries['standing work']).length,
    work: [...kitchen.library.blocks.values()].filter((b) => !b.retired).length,
    library: kitchen.library.formulas.size,
    builds: buildsInUse(kitchen).length,
    orders: situation.orders.length,
  };
  const [last] = await loadChanges(db, ['entry saved', 'build saved'], 1).then((lines) => lines ?? []);
  return {
    team: inUse(entries.people).map(({ id, name }) => ({ id, name })),
    lastChange: last ? { event: last.event, what: last.what, when: last.when, by: last.by } : null,
    ...{ name: row.name, version: row.version, zone: row.zone, reading: row.reading, counts },
    setUp: row.setUp && stepsDone(row.setUp, { ...counts, order: counts.orders, opening: row.opening.hours.length }),
    missing: missingFor({
      people: inUse(entries.people),
      items,
      ingredients: inUse(entries.ingredients),
      ...{ counts, needs, has, opening: row.opening, today: timeOf(situation.minute, kitchen.clock).toISODate() },
    }),
    today: timeOf(situation.minute, kitchen.clock).toISODate(),
    people: entries.people.map((p) => ({ ...p, touches: touched.people[p.id] ?? 0 })),
    items: entries.items.map((i) => ({ ...i, touches: touched.items[i.id] ?? 0 })),
    ingredients: entries.ingredients.map((i) => {
      const { orders = 0, formulas = 0 } = touched.ingredients[i.id] ?? {};
      return { ...i, touches: orders, formulas };
    }),
    suppliers: entries.suppliers,
    standingWork: entries['standing work'],
    blocks: shownBlocks(situation),
    opening: row.opening,
    skills: [...new Set([...USUAL_SKILLS, ...needs, ...has])].filter(
      (s) => needs.length === 0 || needs.includes(s) || has.has(s),
    ),
    figures: { daysAhead: row.coefficients.daysAhead },
  };
}

type ListName = 'people' | 'items' | 'ingredients' | 'suppliers' | 'standingWork' | 'blocks';

/** The lists that each section shows; the others stay on the server, as a kitchen’s ingredients alone are most of a page. */
const SHOWN_IN: Readonly<Record<string, readonly ListName[]>> = {
  people: ['people'],
  ...{ ovens: ['items'], machines: ['items'], tins: ['items'], places: ['items'] },
  ...{ ingredients: ['ingredients', 'suppliers'], suppliers: ['suppliers', 'ingredients'] },
  'standing-work': ['standingWork', 'people', 'items'],
  work: ['blocks', 'items'],
};

/** As much of a kitchen as a section shows. */
export function inSection(view: KitchenSections, section: string): KitchenSections {
  const shown = valueAt(SHOWN_IN, section) ?? [];
  const list = <T>(name: ListName, all: T[]) => (shown.includes(name) ? all : []);
  return {
    ...view,
    people: list('people', view.people),
    items: list('items', view.items),
    ingredients: list('ingredients', view.ingredients),
    suppliers: list('suppliers', view.suppliers),
    standingWork: list('standingWork', view.standingWork),
    blocks: list('blocks', view.blocks),
  };
}

/** What a section is called in a tab, whatever an address calls it. */
export const sectionTitle = (section: string): string => valueAt(SECTION_NAMES, section) ?? say`Kitchen`;

const SECTION_NAMES: Record<string, string> = {
  people: say`People`,
  opening: say`Pickup hours`,
  ovens: say`Ovens`,
  machines: say`Machines`,
  tins: say`Tins`,
  places: say`Cold and dry places`,
  ingredients: say`Ingredients`,
  suppliers: say`Suppliers`,
  'standing-work': say`Standing work`,
  builds: say`Builds`,
  work: say`Work on cakes`,
  library: say`Starter library`,
  how: say`How we do it`,
  tables: say`Tables`,
  file: say`Kitchen file`,
  changes: say`What was changed`,
};
