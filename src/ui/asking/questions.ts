import type { GETS } from '@/server/doors';
import type { ShapeOffer } from '@/server/builds/sizes';

type GetName = keyof typeof GETS;
type Answer<K extends GetName> = Awaited<ReturnType<(typeof GETS)[K]['run']>>;

/** Something that the server can be asked, with the type of its answer. */
export interface Question<A> {
  path: string;
  /** Only there for the types. */
  readonly answer?: A;
}

const question = <K extends GetName>(_door: K, path: string): Question<Answer<K>> => ({ path });
const stepPath = (step: string) => `/api/steps/${encodeURIComponent(step)}`;

export const BUILDS = question('builds', '/api/builds');
export const CHANCES = question('chances', '/api/chances');
export const LOAD = question('load', '/api/load');
export const EVERYTHING_TO_FIND = question('search', '/api/search');
export const shapesFor = (portions: number): Question<ShapeOffer[]> => ({ path: `/api/sizes?portions=${portions}` });
export const sizeOf = (build: string, size: string) =>
  question('size-of', `/api/sizes/of?${new URLSearchParams({ build, size })}`);
export const stepDetails = (step: string) => question('step', stepPath(step));
export const stepMove = (step: string) => question('step-move', `${stepPath(step)}/move`);
export const remediesFor = (order: number) => question('remedies', `/api/orders/${order}/remedies`);
