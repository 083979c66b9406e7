'use client';

import { TouchedBlock } from './touched-block';
import { TouchedInside } from './touched-inside';
import type { TouchedProps } from './touched-parts';
import { TouchedPiece } from './touched-piece';
import { TouchedSpace } from './touched-space';

/** What is touched: what it is, how much of it and why, what else it could be, and what can be done with it. */
export function Touched(props: TouchedProps) {
  const { place } = props;
  if (place.on === 'piece') return <TouchedPiece {...props} place={place} />;
  if (place.on === 'space') return <TouchedSpace {...props} place={place} />;
  return place.on === 'inside' ? <TouchedInside {...props} place={place} /> : <TouchedBlock {...props} place={place} />;
}
