import type { WeeklyShift } from '../../core/time/shifts';
import type { Form } from '../../core/shape/form';

export const demoKitchenName = 'Quillfennel Bakehouse';

export interface DemoPerson {
  id: string;
  name: string;
  initials: string;
  skills: string[];
  shift: 'early' | 'middle' | 'late';
  /** Days after the day of loading, from 0 to 6, on which they are off every week. */
  off: number[];
}

const all = ['mix', 'bake', 'fill'];

export const demoPeople: DemoPerson[] = [
  { id: 'ines', name: 'Ines', initials: 'IN', skills: [...all], shift: 'early', off: [3] },
  { id: 'bo', name: 'Bo', initials: 'BO', skills: [...all, 'coat'], shift: 'early', off: [5] },
  {
    id: 'tamsin',
    name: 'Tamsin',
    initials: 'TA',
    skills: ['fill', 'coat', 'decorate', 'paste'],
    shift: 'middle',
    off: [4],
  },
  { id: 'karel', name: 'Karel', initials: 'KA', skills: ['mix', 'bake', 'fill', 'coat'], shift: 'late', off: [2] },
  {
    id: 'odile',
    name: 'Odile',
    initials: 'OD',
    skills: ['coat', 'decorate', 'paste', 'sugar'],
    shift: 'middle',
    off: [6],
  },
  { id: 'juno', name: 'Juno', initials: 'JU', skills: ['fill', 'coat', 'decorate', 'paste'], shift: 'late', off: [1] },
  { id: 'wim', name: 'Wim', initials: 'WI', skills: ['mix', 'fill', 'decorate', 'sugar'], shift: 'early', off: [1, 5] },
];

const hours = {
  early: { start: '05:00', end: '13:00', breaks: [{ start: '09:00', end: '09:30' }] },
  middle: { start: '07:30', end: '16:00', breaks: [{ start: '11:30', end: '12:00' }] },
  late: { start: '10:30', end: '19:00', breaks: [{ start: '14:30', end: '15:00' }] },
};

/** The weekly shifts of a person of the demo, when it is loaded on `today` (1 Monday to 7). */
export function demoShifts(person: DemoPerson, today: number): WeeklyShift[] {
  return [0, 1, 2, 3, 4, 5, 6]
    .filter((after) => !person.off.includes(after))
    .map((after) => ({ weekday: ((today - 1 + after) % 7) + 1, ...hours[person.shift] }));
}

export interface DemoEquipment {
  id: string;
  name: string;
  kind: string;
  units: number;
  heatRate?: number;
  coolRate?: number;
  /** Its depth in mm, where it has one. */
  mould?: { use: 'tin' | 'ring' | 'square tin' | 'shaped tin' | 'sheet'; form: Form; depth?: number };
}

const round = (cm: number): Form => ({ form: 'round', diameter: cm * 10 });
const tin = (cm: number, units: number): DemoEquipment => ({
  id: `tin-${cm}`,
  name: `Tins, round ${cm} cm`,
  kind: `tin ${cm} cm`,
  units,
  mould: { use: 'tin', form: round(cm), depth: 75 },
});
const ring = (cm: number, units: number): DemoEquipment => ({
  id: `ring-${cm}`,
  name: `Rings, ${cm} cm`,
  kind: `ring ${cm} cm`,
  units,
  mould: { use: 'ring', form: round(cm) },
});
const square = (cm: number, units: number): DemoEquipment => ({
  id: `square-${cm}`,
  name: `Tins, square ${cm} cm`,
  kind: `square tin ${cm} cm`,
  units,
  mould: { use: 'square tin', form: { form: 'square', side: cm * 10 }, depth: 75 },
});

export const demoEquipment: DemoEquipment[] = [
  { id: 'oven-1', name: 'Oven 1, deck', kind: 'oven', units: 6, heatRate: 5, coolRate: 2.5 },
  { id: 'oven-2', name: 'Oven 2, rack', kind: 'oven', units: 6, heatRate: 7, coolRate: 4 },
  { id: 'mixer-1', name: 'Mixer, 20 l', kind: 'mixer', units: 1 },
  { id: 'mixer-2', name: 'Mixer, 10 l', kind: 'mixer', units: 1 },
  { id: 'hob-1', name: 'Hob', kind: 'hob', units: 4 },
  { id: 'turntable-1', name: 'Turntable, window', kind: 'turntable', units: 1 },
  { id: 'turntable-2', name: 'Turntable, middle', kind: 'turntable', units: 1 },
  { id: 'turntable-3', name: 'Turntable, wall', kind: 'turntable', units: 1 },
  { id: 'fridge-1', name: 'Fridge 1', kind: 'fridge', units: 24 },
  { id: 'fridge-2', name: 'Fridge 2, cakes', kind: 'fridge', units: 20 },
  { id: 'freezer-1', name: 'Freezer', kind: 'freezer', units: 10 },
  { id: 'dry-box-1', name: 'Dry box', kind: 'dry box', units: 6 },
  tin(15, 4),
  tin(20, 6),
  tin(24, 4),
  tin(28, 4),
  square(20, 4),
  square(25, 2),
  ...[16, 20].map((cm): DemoEquipment => ({
    id: `heart-${cm}`,
    name: `Tins, heart ${cm} cm`,
    kind: `heart tin ${cm} cm`,
    units: 2,
    mould: { use: 'shaped tin', form: { form: 'heart', side: cm * 10 }, depth: 60 },
  })),
  ring(18, 4),
  ring(22, 3),
  {
    id: 'sheet-60',
    name: 'Sheets, 60 × 40 cm',
    kind: 'sheet 60 cm',
    units: 6,
    mould: { use: 'sheet', form: { form: 'rectangle', length: 600, width: 400 } },
  },
];
