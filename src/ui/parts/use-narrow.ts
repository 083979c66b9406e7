'use client';

import { useMedia } from './use-media';

/** Is the window as narrow as that of a phone? Null as long as nobody knows: both are sent, and the style shows one. */
export const useNarrow = (): boolean | null => useMedia('(max-width: 699.9px)');
