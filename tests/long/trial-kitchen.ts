import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { starterBuilds, starterFormulas } from '../../src/data/kitchens/starter';
import { serve } from '../e2e/kitchen-server.mjs';

/** What is sent to the server of a kitchen of one's own, one after the other, as its screens send it. */
type Send = (door: string, body: object) => Promise<void>;

const day = { start: '06:00', end: '16:00', breaks: [{ start: '11:00', end: '11:30' }] };
const weekly = [1, 2, 3, 4, 5, 6].map((weekday) => ({ weekday, ...day }));
const skills = ['mix', 'bake', 'fill', 'coat', 'decorate', 'paste', 'sugar'].map((name) => ({ name, pace: 1 }));

/** Starter sets that are taken over, and tins that are typed in one line each. */
const SETS = ['decks-and-rack', 'larger-bench', 'rounds', 'squares', 'rings', 'sheets', 'cold'];
const TINS = [
  'half sphere 7, 24 of them',
  'frame 38 x 11',
  'loaf 24 x 10, 2 of them',
  'heart 20',
  'square 20, 2 of them',
];

/** A kitchen of one's own in an empty folder: four people, ovens, tins, and the whole starter library. Nothing of the demo is in it. */
export async function trialKitchen(port: number) {
  const folder = mkdtempSync(path.join(tmpdir(), 'zest-ladder-trials-'));
  const server = await serve(port, folder, { ZEST_DEMO: '0' });
  const stop = async () => {
    await server.stop();
    rmSync(folder, { recursive: true, force: true });
  };
  try {
    await setUp(server.url);
  } catch (error) {
    await stop();
    throw error;
  }
  return { url: `${server.url}/k/trial-yard`, stop };
}

/** People, ovens, tins, cold places and the library, as the screens of a new kitchen send them. */
async function setUp(url: string): Promise<void> {
  let sent = 0;
  const to =
    (place: string): Send =>
    async (door, body) => {
      const response = await fetch(`${url}${place}/api/do/${door}`, {
        method: 'POST',
        headers: { 'content-type': 'application/json', 'idempotency-key': `trial-kitchen-${++sent}`, origin: url },
        body: JSON.stringify(body),
      });
      if (!response.ok) throw new Error(`${door}: ${await response.text()}`);
    };
  await to('')('new-kitchen', {
    ...{
      name: 'Trial Yard',
      zone: 'UTC',
      country: 'metric',
      decimal: 'point',
      weight: 'g',
      temperature: 'C',
      length: 'cm',
    },
  });
  const send = to('/k/trial-yard');
  for (const [name, initials, colour] of [
    ['Una', 'UN', 'sea'],
    ['Pavel', 'PA', 'plum'],
    ['Rosa', 'RO', 'rose'],
    ['Teo', 'TE', 'rust'],
  ])
    await send('save-person', {
      ...{ id: null, version: 0, name, initials, colour, overtime: 0, left: '', skills, weekly, days: [], away: [] },
    });
  for (const key of SETS) await send('add-starter-set', { key });
  await send('add-tins', { text: TINS.join('\n') });
  // Taking a cake brings the formulas that it is made of; the others are taken by themselves.
  await send('add-from-library', {
    formulas: starterFormulas.map((f) => f.id),
    builds: starterBuilds.map((b) => b.id),
  });
}
