'use client';

import Box from '@mui/material/Box';
import { problemsAt } from '@/core/compose/problems-at';
import type { DesignProblem } from '@/core/design/design-problem';
import { TouchedBlock } from './touched-block';
import { TouchedInside } from './touched-inside';
import type { TouchedProps } from './touched-parts';
import { TouchedPiece } from './touched-piece';
import { TouchedSpace } from './touched-space';

interface AnyTouchedProps extends TouchedProps {
  /** What is wrong with the cake as it is now. */
  problems: readonly DesignProblem[];
}

/** What is touched: what is wrong with it, what it is, how much of it and why, what else it could be, and what can be done with it. */
export function Touched({ problems, ...props }: AnyTouchedProps) {
  const wrong = problemsAt(props.place, problems, props.design);
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      {wrong.map((message) => (
        <Box key={message} role="alert" sx={{ color: 'var(--zl-missesText)', fontWeight: 700 }}>
          ■ {message}
        </Box>
      ))}
      <OfPlace {...props} />
    </Box>
  );
}

function OfPlace(props: TouchedProps) {
  const { place } = props;
  if (place.on === 'piece') return <TouchedPiece {...props} place={place} />;
  if (place.on === 'space') return <TouchedSpace {...props} place={place} />;
  return place.on === 'inside' ? <TouchedInside {...props} place={place} /> : <TouchedBlock {...props} place={place} />;
}
