'use client';

import Box from '@mui/material/Box';
import Chip from '@mui/material/Chip';
import CircularProgress from '@mui/material/CircularProgress';
import type { OrderReview } from '@/server/review-order';
import { Caution } from '../parts/caution';
import { TONE_SHAPES, statusSentence, toneOf } from '../parts/status';
import { CrossSection } from './cross-section';
import { PartTable } from './part-table';

/** What is about to be saved: the answer, amounts, allergens, cautions. */
export function StepReview({ review }: { review: OrderReview | null }) {
  if (!review)
    return (
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center' }}>
        <CircularProgress size={26} /> Breaking it down and planning it with all others…
      </Box>
    );
  const tone = toneOf(review.status);
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
        <Box
          role="status"
          sx={{
            p: 1.5,
            mb: 2,
            borderRadius: 2,
            border: '1px solid var(--zl-line)',
            borderLeft: `6px solid var(--zl-${tone})`,
            bgcolor: 'var(--zl-card)',
          }}
        >
          <Box sx={{ fontSize: 17 }}>
            <Box component="span" aria-hidden sx={{ color: `var(--zl-${tone}Text)` }}>
              {TONE_SHAPES[tone]}
            </Box>{' '}
            <b>{statusSentence(review.status)}</b>
          </Box>
          <Box sx={{ color: 'var(--zl-muted)', fontSize: 14 }}>
            {review.pushed.length > 0
              ? `But then ${review.pushed.join(', ')} could not be ready.`
              : 'Nobody else’s pickup suffers.'}
          </Box>
        </Box>
        <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 0.5 }}>
          What it is made of
        </Box>
        <PartTable parts={review.parts} />
      </Box>
      <Box sx={{ minWidth: 0 }}>
        <CrossSection section={review.section} />
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75, mt: 2 }}>
          {review.allergens.map((a) => (
            <Chip
              key={a.allergen}
              size="small"
              label={a.allergen}
              title={a.from.join(', ')}
              sx={{ bgcolor: 'transparent', color: 'inherit', border: '1.5px solid var(--zl-ink)' }}
            />
          ))}
        </Box>
        {review.cautions.map((c) => (
          <Caution key={c} text={c} />
        ))}
      </Box>
    </Box>
  );
}
