/** Makes what tests begin from, where it is not there yet; see `src/data/testing/template.ts`. Run by tsx. */
import { demoDump } from '../src/server/testing/demo-dump';

await demoDump('load-demo');
await demoDump('few-orders');
