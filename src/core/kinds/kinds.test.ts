import { starterBlocks, starterBuilds, starterFormulas } from '../../data/kitchens/starter';
import { demoEquipment } from '../../data/kitchens/demo-parts';
import { waitsOf } from '../design/order-of-work';
import { checkKind, CHECKS, type CheckName } from './checks';
import { EQUIPMENT_KINDS, isWashed } from './equipment';
import { FLOOR_KINDS } from './events';
import { ALL_PLACES, PLACES, STORE_PLACES, waitingPlace } from './places';
import { ALL_WORKS, handWorkOf, WORKS } from './works';

describe('places', () => {
  it('that store are those that a wait can ask for; all else waits on the bench', () => {
    expect(STORE_PLACES).toEqual(['fridge', 'freezer', 'dry box']);
    for (const p of ALL_PLACES) expect(waitingPlace(p)).toBe(PLACES[p].stores ? p : 'bench');
    expect(waitingPlace(null)).toBe('bench');
    expect(waitingPlace('cellar')).toBe('bench');
  });

  it('have each an urgency of its own, so that it is clear what is drawn on top', () => {
    expect(new Set(ALL_PLACES.map((p) => PLACES[p].urgency)).size).toBe(ALL_PLACES.length);
  });

  it('of all waits in the demo’s library store', () => {
    const asked = [
      ...starterFormulas.flatMap((f) => [f.keeping.place, ...f.waits.map((w) => w.place)]),
      ...starterBuilds.flatMap((b) => waitsOf(b.design, starterBlocks).map((w) => w.place)),
    ].filter((p) => p !== null);
    expect(asked.length).toBeGreaterThan(0);
    for (const p of asked) expect(STORE_PLACES).toContain(p);
  });
});

describe('checks', () => {
  it('that are read have a unit and a limit that a reading reaches', () => {
    for (const name of Object.keys(CHECKS) as CheckName[])
      expect(checkKind(name).unit === null).toBe(checkKind(name).reaches === undefined);
    expect(checkKind('weight').reaches!(99, 100)).toBe(false);
    expect(checkKind('weight').reaches!(100, 100)).toBe(true);
    expect(checkKind('temperature at most').reaches!(5, 5)).toBe(true);
    expect(checkKind('temperature at most').reaches!(5.1, 5)).toBe(false);
  });

  it('that an older kitchen stored and nobody knows any more are felt', () => {
    expect(checkKind('smells of nuts' as CheckName)).toEqual({ unit: null });
  });
});

describe('equipment and events', () => {
  it('are known or are only counted: what is washed up is told', () => {
    expect(demoEquipment.filter((e) => isWashed(e.kind)).map((e) => e.id)).toEqual(['mixer-1', 'mixer-2', 'hob-1']);
    expect(isWashed('tin 20 cm')).toBe(false);
    for (const e of demoEquipment.filter((x) => x.heatRate)) expect(EQUIPMENT_KINDS[e.kind]?.heats).toBeDefined();
  });

  it('of the floor are the kinds of tap, with what puts them right', () => {
    expect(FLOOR_KINDS).toEqual(['start', 'finish', 'extend', 'not yet', 'correct', 'take back', 'use anyway']);
  });
});

describe('kinds of work', () => {
  it('go by the skill, and without one by whether it is a part that is made', () => {
    expect(handWorkOf('cook', true)).toBe('mix');
    expect(handWorkOf('bake', true)).toBe('bake');
    expect(handWorkOf('coat', false)).toBe('build');
    expect(handWorkOf('sugar', true)).toBe('decorate');
    expect(handWorkOf(null, true)).toBe('mix');
    expect(handWorkOf(null, false)).toBe('box');
  });
  it('of a skill that only this kitchen has: a part is decoration, a cake is covered with it', () => {
    expect(handWorkOf('paste', true)).toBe('decorate');
    expect(handWorkOf('paste', false)).toBe('build');
  });
  it('have names of their own', () => {
    expect(new Set(ALL_WORKS.map((w) => WORKS[w].name)).size).toBe(ALL_WORKS.length);
  });
});
