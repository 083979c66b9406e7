import { say } from '../../core/words/say';
import type { EventBody } from '../../core/stored/event';
import type { Stored } from '../../core/stored/codec';
import { timeOf, minuteOf, DAY_AND_TIME } from '../../core/time/clock';
import type { KitchenDb } from '../../data/kitchen-db';
import { readNewest } from '../../data/repositories/events';
import { loadKitchen, type LoadedKitchen } from '../situation/load-kitchen';

/** Something that was changed about the kitchen. */
export interface ChangeLine {
  event: number;
  when: string;
  /** Who changed it; null where their device did not say. */
  by: string | null;
  what: string;
  /** Fields that differ, as they were and as they are. */
  fields: { name: string; before: string; after: string }[];
  /** Can it be put back as it was before? */
  canPutBack: boolean;
}

const KINDS = [
  'entry saved',
  'kitchen changed',
  'formula saved',
  'build saved',
  'library added',
  'kitchen made',
] as const;
const MOST = 100;

/** The newest changes of a kitchen itself: people, things, figures, formulas. Null without a kitchen. */
export async function loadChanges(
  db: KitchenDb,
  kinds: readonly (typeof KINDS)[number][] = KINDS,
  most = MOST,
): Promise<ChangeLine[] | null> {
  const kitchen = await loadKitchen(db);
  if (!kitchen) return null;
  const { clock } = kitchen;
  const events = await readNewest(db, kinds, most);
  const formula = (id: string) => kitchen.library.formulas.get(id)?.name ?? id;
  const person = (id: string | null) => kitchen.rows.entries.people.find((p) => p.id === id)?.name ?? id;
  return events.map(({ id, at, by, told }): ChangeLine => {
    const line = {
      event: id,
      by: person(by),
      when: timeOf(minuteOf(at, clock), clock).toFormat(DAY_AND_TIME),
      canPutBack: false,
    };
    switch (told.kind) {
      case 'entry saved':
        return { ...line, ...entryChange(told.body), canPutBack: true };
      case 'formula saved':
        return { ...line, what: say`${formula(told.body.formula)}: version ${told.body.saved} was saved`, fields: [] };
      case 'build saved':
        return {
          ...line,
          what: buildChange(told.body, kitchen),
          fields: [],
          canPutBack: true,
        };
      case 'library added':
        return { ...line, what: say`${told.body.formulas.length} formulas came from the starter library`, fields: [] };
      case 'kitchen made':
        return { ...line, what: say`${told.body.name} was made`, fields: [] };
      default:
        return { ...line, ...kitchenChange(told.body) };
    }
  });
}

function buildChange({ build, before }: EventBody<'build saved'>, { builds }: LoadedKitchen): string {
  const name = builds.get(build)?.name ?? build;
  return before ? say`${name} was changed` : say`${name} was saved as a build`;
}

function entryChange({ before, after }: EventBody<'entry saved'>): Pick<ChangeLine, 'what' | 'fields'> {
  const name = nameIn(after ?? before);
  if (before === null) return { what: say`${name} came in`, fields: [] };
  if (after === null) return { what: say`${name} was taken out of use`, fields: [] };
  const keys = [...new Set([...Object.keys(before), ...Object.keys(after)])];
  const fields = keys
    .filter((k) => k !== 'format' && k !== 'version' && told(before[k]) !== told(after[k]))
    .map((k) => ({ name: k, before: told(before[k]), after: told(after[k]) }));
  return { what: say`${name} was changed`, fields };
}

const nameIn = (document: Stored | null) => (typeof document?.name === 'string' ? document.name : say`Something`);

/** A value as it can be read at a glance. */
function told(value: unknown): string {
  if (value === undefined || value === null || value === '') return '–';
  if (typeof value === 'object') {
    const text = JSON.stringify(value, (_, v: unknown) => (v === null ? undefined : v)).replace(/["{}[\]]/g, '');
    return text === '' ? '–' : text.replaceAll(',', ', ').replaceAll(':', ' ');
  }
  return typeof value === 'string' || typeof value === 'number' || typeof value === 'boolean' ? `${value}` : '–';
}

function kitchenChange(body: EventBody<'kitchen changed'>): Pick<ChangeLine, 'what' | 'fields'> {
  const { figures, choices, reading, opening, name } = body;
  const what = [
    ...(figures ? [say`figures`] : []),
    ...(choices ? [say`how it is done here`] : []),
    ...(reading ? [say`units`] : []),
    ...(opening ? [say`pickup hours`] : []),
    ...(name === undefined ? [] : [say`its name`]),
  ];
  const fields = Object.entries({ ...figures, ...choices, ...reading }).map(([k, after]) => ({
    ...{ name: k, before: '', after: `${after}` },
  }));
  return { what: say`The kitchen was changed: ${what.join(', ')}`, fields };
}
