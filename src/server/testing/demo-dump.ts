import { dumpOf, madeByItself } from '../../data/testing/template';

/** What the demo's rows come from: rules, kitchens, tables, and how it is loaded. */
const from = ['src/core', 'src/data', 'src/server', 'src/workers', 'drizzle', 'package-lock.json'];

/**
 * The demo on its Thursday morning, as a dump of a database: whole (`load-demo`), or with few open orders (`few-orders`). It is planned by a clock that
 * ticks with the work done, so that it is the same on every machine.
 */
export const demoDump = (name: 'load-demo' | 'few-orders'): Promise<string> =>
  dumpOf({ name, from }, (file) => madeByItself(name, file));
