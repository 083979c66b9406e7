import type { Design, Undecided } from './design';

/** The day by which something is agreed of a cake that nobody has ordered: a build only says that it is open. */
export const NO_DAY = '9999-12-31';

/** Everything of a cake that has not been agreed yet, what is due first before the rest. */
export const undecidedOf = ({ parts, blocks }: Pick<Design, 'parts' | 'blocks'>): Undecided[] =>
  [...parts, ...blocks]
    .flatMap((x) => x.undecided ?? [])
    .sort((a, b) => (a.by < b.by ? -1 : a.by > b.by ? 1 : a.what < b.what ? -1 : 1));
