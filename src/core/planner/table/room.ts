import type { LoadProfile } from './load-profile';
import type { OvenLoads } from './oven-loads';

/** Something in which a wait takes room: a shelf; or what is asked of the wait beside its place. */
export type Room = Pick<LoadProfile, 'free' | 'freeUntil' | 'freeSince' | 'blockedUntil' | 'blockedSince' | 'add'>;

/** An oven that is off: there is room for a wait while nothing is baked in it, and nothing is baked while it is taken. */
export function roomOfColdOven({ inUse, off }: OvenLoads): Room {
  return {
    free: (start, end) => inUse.free(start, end, 0),
    freeUntil: (from) => inUse.freeUntil(from, 0),
    freeSince: (to) => inUse.freeSince(to, 0),
    blockedUntil: (from) => inUse.blockedUntil(from, 0),
    blockedSince: (to) => inUse.blockedSince(to, 0),
    add: (start, end, units) => off.add(start, end, units),
  };
}
