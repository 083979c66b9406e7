import type { Kitchen } from '../../core/breakdown/kitchen';
import { startingCoefficients } from '../../core/breakdown/figures/starting-figures';
import type { Allergen } from '../../core/formula/formula';
import { asEquipment } from '../../core/kitchen/as-planned';
import type { Item } from '../../core/kitchen/item';
import type { Person } from '../../core/kitchen/person';
import { movedTo } from '../../core/kitchen-file/move-days';
import type { Section } from '../../core/kitchen-file/shape';
import type { Equipment } from '../../core/planning-format/problem';
import type { Form } from '../../core/shape/form';
import { answersCodec } from '../../core/stored/order-answers';
import { REGISTERS } from '../../core/stored/registers';
import { readStored } from '../stored';
import { demoFile } from './demo';
import { starterBlocks, starterFormulas, starterIngredients } from './starter';

/** The demo kitchen as the core sees it, without a database: for tests and the command line. */

/** The anchor of its file is a Thursday. */
const ANCHOR_WEEKDAY = 4;

/** Its people, when it is loaded on a weekday (1 Monday to 7): who is off on which day goes by the day of loading. */
export function demoTeam(weekday: number): (Person & { id: string })[] {
  const day = Number(demoFile.anchor!.slice(-2)) + weekday - ANCHOR_WEEKDAY;
  const moved = movedTo(demoFile, `${demoFile.anchor!.slice(0, -2)}${`${day}`.padStart(2, '0')}`);
  return moved.people!.map(({ id, body }) => ({ id, ...readStored(REGISTERS.people, id, body) }));
}

export const demoItems: (Item & { id: string })[] = demoFile.items!.map(({ id, body }) => ({
  id,
  ...readStored(REGISTERS.items, id, body),
}));

/** The same as the planner knows it; no clock matters, as nothing of it is ever closed. */
export const demoEquipment: Equipment[] = demoItems.map((item) =>
  asEquipment(item, { origin: '1970-01-01T00:00:00Z', zone: 'UTC' }),
);

export const demoLibrary: Kitchen = {
  coefficients: startingCoefficients,
  formulas: new Map(starterFormulas.map((f) => [f.id, f])),
  ingredients: new Map(starterIngredients.map((i) => [i.id, i])),
  blocks: starterBlocks,
  moulds: demoItems.flatMap((e) => (e.mould ? [{ ...e.mould, kind: e.kind, owned: e.units }] : [])),
  ovenSlots: 6,
  choices: {},
};

/** An order of the demo; its pickup is so many days after the day of loading, at a wall-clock time. */
export interface DemoOrder {
  title: string;
  day: number;
  time: string;
  build: string;
  tiers: Form[];
  portions: number;
  avoid: Allergen[];
}

/** As it stands in the file; its pickup is “day time”. */
type FileOrder = Section<'orders'>[number];

export function demoOrder({ title, pickup, build, portions, answers }: FileOrder): DemoOrder {
  const { tiers, avoid } = readStored(answersCodec, title, answers);
  const [day, time] = pickup.split(' ') as [string, string];
  return { title, day: Number(day), time, build, tiers, portions, avoid };
}

/** The orders of six days around a busy Saturday (day 2), in the order in which they came in. */
export const demoOrders: DemoOrder[] = demoFile.orders!.filter((o) => o.state === 'open').map(demoOrder);
