import type { GETS } from '@/server/doors';

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
export const COMPOSER_KITCHEN = question('composer-kitchen', '/api/composer');
export const beginFrom = (of: { build: string; portions: number; size: string; swaps: Record<string, string> }) =>
  question(
    'begin-from',
    `/api/composer/begin?${new URLSearchParams({ ...of, portions: `${of.portions}`, swaps: JSON.stringify(of.swaps) })}`,
  );
export const copyOf = (order: number) => question('begin-copy', `/api/composer/copy/${order}`);
export const beginnings = (portions: number, words: string, avoid: readonly string[]) =>
  question(
    'beginnings',
    `/api/composer/beginnings?${new URLSearchParams({ portions: `${portions}`, words, avoid: avoid.join(',') })}`,
  );
export const OLDER_ORDERS = question('older-orders', '/api/composer/older');
export const stepDetails = (step: string) => question('step', stepPath(step));
export const stepMove = (step: string) => question('step-move', `${stepPath(step)}/move`);
export const remediesFor = (order: number) => question('remedies', `/api/orders/${order}/remedies`);
