import { say } from '../words/say';
import type { WeeklyShift } from '../time/working-hours';
import type { Item, ItemGroup, MouldTraits } from './item';
import { mouldKind, mouldName } from './mould-kind';

/** Things that many kitchens have, put into one’s own with one tap, and edited there. */
export interface StarterSet {
  key: string;
  group: ItemGroup;
  name: string;
  items: Item[];
}

const oven = (name: string, units: number, fan: boolean, heatRate: number, coolRate: number): Item => ({
  ...{ name, kind: 'oven', units, closed: [] },
  oven: { fan, heatRate, coolRate, celsius: 0, minutes: 0, deck: null },
});
const machine = (name: string, kind: string, units = 1): Item => ({ name, kind, units, closed: [] });
const mixer = (litres: number): Item => ({
  ...machine(say`Mixer, ${litres} l`, 'mixer'),
  mixer: { litres, batches: [] },
});
const place = (name: string, kind: string, units: number, celsius: number | null): Item => ({
  ...{ name, kind, units, closed: [] },
  store: { celsius, litres: null, free: [] },
});
const set = (units: number, mould: MouldTraits): Item => ({
  ...{ name: mouldName(mould), kind: mouldKind(mould), units, closed: [], mould },
});
/** cm. */
const DEPTH = 7.5;
const round = (cm: number, units: number) =>
  set(units, { use: 'tin', form: { form: 'round', diameter: cm * 10 }, depth: DEPTH * 10 });
const ring = (cm: number, units: number) => set(units, { use: 'ring', form: { form: 'round', diameter: cm * 10 } });
const square = (cm: number, units: number) =>
  set(units, { use: 'square tin', form: { form: 'square', side: cm * 10 }, depth: DEPTH * 10 });
const sheet = (length: number, width: number, units: number) =>
  set(units, { use: 'sheet', form: { form: 'rectangle', length: length * 10, width: width * 10 } });

/** Capacities and rates are common ones, to begin with. */
export const STARTER_SETS: readonly StarterSet[] = [
  {
    ...{ key: 'one-oven', group: 'ovens', name: say`One small fan oven` },
    items: [oven(say`Oven`, 4, true, 8, 4)],
  },
  {
    ...{ key: 'two-decks', group: 'ovens', name: say`Two decks` },
    items: [oven(say`Upper deck`, 6, false, 5, 2.5), oven(say`Lower deck`, 6, false, 5, 2.5)],
  },
  { ...{ key: 'rack', group: 'ovens', name: say`One rack oven` }, items: [oven(say`Rack oven`, 15, true, 7, 4)] },
  {
    ...{ key: 'decks-and-rack', group: 'ovens', name: say`Two decks, one rack oven` },
    items: [
      oven(say`Upper deck`, 6, false, 5, 2.5),
      oven(say`Lower deck`, 6, false, 5, 2.5),
      oven(say`Rack oven`, 15, true, 7, 4),
    ],
  },
  {
    ...{ key: 'bench', group: 'machines', name: say`One mixer, a hob, a turntable` },
    items: [mixer(10), machine(say`Hob`, 'hob', 4), machine(say`Turntable`, 'turntable')],
  },
  {
    ...{ key: 'larger-bench', group: 'machines', name: say`Two mixers, a hob, two turntables` },
    items: [
      ...[mixer(20), mixer(10), machine(say`Hob`, 'hob', 4)],
      ...[machine(say`Turntable 1`, 'turntable'), machine(say`Turntable 2`, 'turntable')],
    ],
  },
  {
    ...{ key: 'rounds', group: 'tins', name: say`Round tins, 15 to 30 cm` },
    items: [15, 18, 20, 22, 24, 26, 28, 30].map((cm) => round(cm, cm < 24 ? 4 : 3)),
  },
  {
    ...{ key: 'few-rounds', group: 'tins', name: say`Three sizes of round tins` },
    items: [round(15, 3), round(20, 4), round(25, 3)],
  },
  {
    ...{ key: 'squares', group: 'tins', name: say`Square tins, 15 to 25 cm` },
    items: [square(15, 2), square(20, 3), square(25, 2)],
  },
  {
    ...{ key: 'rings', group: 'tins', name: say`Cake rings, 16 to 24 cm` },
    items: [16, 18, 20, 24].map((cm) => ring(cm, 3)),
  },
  { ...{ key: 'sheets', group: 'tins', name: say`Baking sheets, 60 × 40 cm` }, items: [sheet(60, 40, 6)] },
  { ...{ key: 'half-sheets', group: 'tins', name: say`Baking sheets, 40 × 30 cm` }, items: [sheet(40, 30, 4)] },
  {
    ...{ key: 'small-cold', group: 'places', name: say`A fridge and a freezer` },
    items: [place(say`Fridge`, 'fridge', 12, 4), place(say`Freezer`, 'freezer', 6, -18)],
  },
  {
    ...{ key: 'cold', group: 'places', name: say`Two fridges, a freezer, a dry box` },
    items: [
      ...[place(say`Fridge 1`, 'fridge', 20, 4), place(say`Fridge 2, cakes`, 'fridge', 20, 5)],
      ...[place(say`Freezer`, 'freezer', 10, -18), place(say`Dry box`, 'dry box', 6, null)],
    ],
  },
  { ...{ key: 'dry', group: 'places', name: say`A dry box` }, items: [place(say`Dry box`, 'dry box', 4, null)] },
];

/** A shift that many kitchens work, on some weekdays. */
export interface StarterShift {
  key: string;
  name: string;
  weekly: WeeklyShift[];
}

const on = (weekdays: number[], start: string, end: string, rest: [string, string]): WeeklyShift[] =>
  weekdays.map((weekday) => ({ weekday, start, end, breaks: [{ start: rest[0], end: rest[1] }] }));

export const STARTER_SHIFTS: readonly StarterShift[] = [
  {
    ...{ key: 'early', name: say`Early, Tue to Sat` },
    weekly: on([2, 3, 4, 5, 6], '05:00', '13:00', ['09:00', '09:30']),
  },
  { ...{ key: 'day', name: say`Day, Tue to Sat` }, weekly: on([2, 3, 4, 5, 6], '07:30', '16:00', ['12:00', '12:30']) },
  {
    ...{ key: 'late', name: say`Late, Tue to Sat` },
    weekly: on([2, 3, 4, 5, 6], '10:30', '19:00', ['14:30', '15:00']),
  },
  {
    ...{ key: 'mornings', name: say`Mornings, Thu to Sat` },
    weekly: on([4, 5, 6], '07:00', '13:00', ['10:00', '10:15']),
  },
];
