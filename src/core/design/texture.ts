import { say } from '../words/say';

/** How the outside of a coat is finished. */
export const TEXTURES = ['smooth', 'combed', 'forked', 'swirled'] as const;
export type Texture = (typeof TEXTURES)[number];

/** What the bench reads of it. */
export const TEXTURE_SAID: Record<Texture, string> = {
  smooth: say`smooth`,
  combed: say`combed`,
  forked: say`drawn with a fork`,
  swirled: say`swirled`,
};
