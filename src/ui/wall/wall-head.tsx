'use client';

import Add from '@mui/icons-material/Add';
import Remove from '@mui/icons-material/Remove';
import SwapVert from '@mui/icons-material/SwapVert';
import ViewWeekOutlined from '@mui/icons-material/ViewWeekOutlined';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import NextLink from 'next/link';
import type { WallView } from '@/server/views/wall-view';
import { replanAction } from '../actions';
import { useAction } from '../parts/use-action';
import { TONE_SHAPES, toneOf } from '../parts/status';

/** Pixels per hour, the one first shown in front: from a day on the screen to two weeks. */
export const ZOOMS = ['46', '3', '6', '11', '20', '32', '70', '110'] as const;
export type Zoom = (typeof ZOOMS)[number];
const BY_SIZE = [...ZOOMS].sort((a, b) => Number(a) - Number(b));

interface WallHeadProps {
  view: WallView;
  zoom: Zoom;
  onZoom: (zoom: Zoom) => void;
  climbs: boolean;
  onTurn: () => void;
  onShow: (order: number) => void;
  strips: boolean;
  onStrips: () => void;
}

/** The sentence that says what to fix first, the ladders that pinch, and how to look at the wall. */
export function WallHead({ view, zoom, onZoom, climbs, onTurn, onShow, strips, onStrips }: WallHeadProps) {
  const { headline } = view;
  const replan = useAction();
  const at = BY_SIZE.indexOf(zoom);
  const pinching = view.ladders.filter((l) => toneOf(l.status) !== 'holds');
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', flexWrap: 'wrap', columnGap: 2, rowGap: 0.75, px: 2, py: 1 }}>
      <Box component="h1" sx={{ m: 0, typography: 'h1', fontSize: 20 }}>
        The wall
      </Box>
      <Box role="status" sx={{ flex: '1 1 340px', minWidth: 0, lineHeight: '20px' }}>
        <Box component="span" aria-hidden sx={{ color: `var(--zl-${headline.tone}Text)` }}>
          {TONE_SHAPES[headline.tone]}{' '}
        </Box>
        <b>{headline.text}</b>{' '}
        {headline.fix &&
          ('replan' in headline.fix ? (
            <Button
              size="small"
              variant="contained"
              disabled={replan.busy}
              onClick={() => replan.run(() => replanAction())}
              sx={{ ml: 0.5, minHeight: 30, py: 0 }}
            >
              {headline.fix.label}
            </Button>
          ) : (
            <Button
              component={NextLink}
              href={`/orders/${headline.fix.order}#help`}
              size="small"
              variant="contained"
              sx={{ ml: 0.5, minHeight: 30, py: 0 }}
            >
              {headline.fix.label}
            </Button>
          ))}
        <Box sx={{ fontSize: 12.5, color: 'var(--zl-muted)', mt: 0.25 }}>
          {view.kitchen} · {view.ladders.length} ladders · {headline.counts.holds} hold
          {pinching.map((l) => (
            <Box
              key={l.order}
              component="button"
              type="button"
              onClick={() => onShow(l.order)}
              sx={{
                border: 0,
                bgcolor: 'transparent',
                font: 'inherit',
                fontWeight: 700,
                p: 0,
                pl: 1,
                cursor: 'pointer',
                color: `var(--zl-${toneOf(l.status)}Text)`,
                textDecoration: 'underline',
                textUnderlineOffset: 2,
              }}
            >
              {TONE_SHAPES[toneOf(l.status)]} {l.title}
            </Box>
          ))}
        </Box>
      </Box>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 0.5 }}>
        <IconButton
          aria-label="Show more days"
          title="Show more days"
          disabled={at <= 0}
          onClick={() => onZoom(BY_SIZE[at - 1]!)}
        >
          <Remove />
        </IconButton>
        <IconButton
          aria-label="Show more detail"
          title="Show more detail"
          disabled={at >= BY_SIZE.length - 1}
          onClick={() => onZoom(BY_SIZE[at + 1]!)}
        >
          <Add />
        </IconButton>
        <IconButton
          aria-label={climbs ? 'Let time fall' : 'Let time climb'}
          title={climbs ? 'Turn the wall over: time falls' : 'Turn the wall over: time climbs'}
          onClick={onTurn}
        >
          <SwapVert />
        </IconButton>
        <IconButton
          aria-label={strips ? 'Hide hands, ovens and cold' : 'Show hands, ovens and cold'}
          aria-pressed={strips}
          title={strips ? 'Hide hands, ovens and cold' : 'Show hands, ovens and cold'}
          onClick={onStrips}
        >
          <ViewWeekOutlined />
        </IconButton>
        <Button
          variant="outlined"
          color="secondary"
          disabled={replan.busy}
          onClick={() => replan.run(() => replanAction())}
          sx={{ ml: 0.5 }}
        >
          {replan.busy ? 'Planning…' : 'Re-plan'}
        </Button>
        <Button variant="contained" component={NextLink} href="/orders/new">
          New order
        </Button>
      </Box>
      {replan.message}
    </Box>
  );
}
