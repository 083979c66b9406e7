'use client';

import { say, term } from '@/core/words/say';
import Box from '@mui/material/Box';
import Chip from '@mui/material/Chip';
import CircularProgress from '@mui/material/CircularProgress';
import type { OrderReview } from '@/server/orders/review-order';
import { AnswerBox } from '../parts/answer-box';
import { Cautions } from '../parts/caution';
import { CrossSection } from './cross-section';
import { PartTable } from './part-table';

/** What is about to be saved: the answer, amounts, allergens, cautions. */
export function StepReview({ review }: { review: OrderReview | null }) {
  if (!review)
    return (
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center' }}>
        <CircularProgress size={26} /> {say`Breaking it down and planning it with all others…`}
      </Box>
    );
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '1fr', md: 'minmax(0, 1fr) 340px' },
        gap: 3,
        alignItems: 'start',
      }}
    >
      <Box sx={{ minWidth: 0 }}>
        <AnswerBox status={review.status}>
          <Box sx={{ color: 'var(--zl-muted)', fontSize: 14 }}>
            {review.pushed.length > 0
              ? say`But then ${review.pushed.join(', ')} could not be ready.`
              : say`Nobody else’s pickup suffers.`}
          </Box>
        </AnswerBox>
        <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 0.5 }}>{say`What it is made of`}</Box>
        <PartTable parts={review.parts} />
      </Box>
      <Box sx={{ minWidth: 0 }}>
        <CrossSection section={review.section} />
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75, mt: 2 }}>
          {review.allergens.map((a) => (
            <Chip
              key={a.allergen}
              size="small"
              label={term(a.allergen)}
              title={a.from.join(', ')}
              sx={{ bgcolor: 'transparent', color: 'inherit', border: '1.5px solid var(--zl-ink)' }}
            />
          ))}
        </Box>
        <Cautions texts={review.cautions} />
      </Box>
    </Box>
  );
}
