import { DateTime } from 'luxon';
import type { Formula, Keeping } from '../../formula/formula';
import { formName } from '../../shape/form';
import { say, term } from '../../words/say';
import { grams } from '../steps/words';
import type { StoreDraw } from './store-draw';

const PREFIX = 'store~';

/** Does it come out of the store, and is not made? */
export const isFromStore = ({ id }: Pick<Formula, 'id'>): boolean => id.startsWith(PREFIX);

/** The formula that a part was made by, where it comes out of the store; else its own. */
export const madeBy = (id: string): string => (id.startsWith(PREFIX) ? id.slice(PREFIX.length) : id);

/** A day as one reads it on a label. */
const day = (date: string) => DateTime.fromISO(date, { zone: 'utc' }).toFormat('d LLL');

/**
 * A part that lies in the store already, as a formula of one step: it is taken out, and thaws for as long as its formula says. What it is beaten up
 * for, it is beaten up for all the same.
 */
export function storedAs(formula: Formula, label: string, draws: readonly StoreDraw[]): Formula {
  const { thaw, by } = formula.inStore ?? { by: 'weight' as const };
  const lots = draws.map((d) => {
    const much = by === 'piece' ? `${d.amount} ×` : say`${grams(d.amount)} of`;
    const size = d.size ? say`${formName(d.size.form)}, ${Math.round(d.size.height)} mm high` : label.toLowerCase();
    const where = d.shelf === '' ? term(d.place) : `${term(d.place)}, ${d.shelf}`;
    return say`${much} ${size}: ${where}; made on ${day(d.madeOn)}, use by ${day(d.useBy)}`;
  });
  const keeping: Keeping = {
    ...formula.keeping,
    ...(thaw
      ? { ...thaw, units: thaw.place ? 1 : 0, why: say`thaws wrapped, so that it does not get wet` }
      : { min: 0 }),
  };
  delete keeping.betterAfter;
  return {
    ...{ id: `${PREFIX}${formula.id}`, name: formula.name, family: formula.family, story: '' },
    ...{ lines: [], loss: 0, density: formula.density, purpose: formula.purpose },
    ...(formula.colour && { colour: formula.colour }),
    steps: [
      {
        ...{ key: 'take-out', name: say`Take ${label.toLowerCase()} from the store`, work: 'hands' },
        minutes: { low: 1, likely: 2, high: 4 },
        how: say`${lots.join('. ')}. Look at its date and smell it.`,
        prepare: lots.map((text) => ({ text: say`From the store: ${text}`, before: 0 })),
        ...(thaw && { caution: say`What has thawed is not frozen again: what is too much is used up or thrown away.` }),
        sign: thaw ? say`wrapped still, and nothing torn` : say`dry and whole`,
      },
    ],
    waits: [],
    keeping,
  };
}
