'use client';

import { say } from '@/core/words/say';
import Add from '@mui/icons-material/Add';
import Remove from '@mui/icons-material/Remove';
import SwapVert from '@mui/icons-material/SwapVert';
import ViewWeekOutlined from '@mui/icons-material/ViewWeekOutlined';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import type { WallView } from '@/server/wall/wall-view';
import { replanAction } from '../actions';
import { useAction } from '../parts/use-action';
import type { FilterOption } from './filter';
import { FilterField } from './filter-field';
import { HeadFix } from './head-fix';
import { UndoButtons } from './undo-buttons';
import { TONE_SHAPES, toneOf } from '../parts/status';
import { KitchenLink } from '../kitchens/kitchen-link';

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
  panel: Panel | null;
  onPanel: (panel: Panel | null) => void;
  filter: { options: FilterOption[]; chosen: string[]; onChoose: (keys: string[]) => void };
}

type Panel = 'what if' | 'load';

/** The sentence that says what to fix first, the ladders that pinch, and how to look at the wall. */
export function WallHead(props: WallHeadProps) {
  const { view, zoom, onZoom, climbs, onTurn, onShow, strips, onStrips, panel, onPanel, filter } = props;
  const { headline } = view;
  const replan = useAction();
  const at = BY_SIZE.indexOf(zoom);
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', flexWrap: 'wrap', columnGap: 2, rowGap: 0.5, px: 2, py: 0.75 }}>
      <Box component="h1" sx={{ m: 0, typography: 'h1', fontSize: 20 }}>{say`The wall`}</Box>
      <Box role="status" sx={{ flex: '1 1 340px', minWidth: 0, lineHeight: '20px' }}>
        <Box component="span" aria-hidden sx={{ color: `var(--zl-${headline.tone}Text)` }}>
          {TONE_SHAPES[headline.tone]}{' '}
        </Box>
        <b>{headline.text}</b>{' '}
        <HeadFix headline={headline} plan={view.plan} clock={view.clock} minute={view.minute} replan={replan} />
      </Box>
      <Box sx={{ display: 'flex', alignItems: 'center', flexWrap: 'wrap', gap: 0.5, flex: '1 1 100%' }}>
        <FilterField {...filter} />
        <Pinching view={view} onShow={onShow} />
        <UndoButtons edits={view.edits} />
        <IconButton
          aria-label={say`Show more days`}
          title={say`Show more days`}
          disabled={at <= 0}
          onClick={() => onZoom(BY_SIZE[at - 1]!)}
        >
          <Remove />
        </IconButton>
        <IconButton
          aria-label={say`Show more detail`}
          title={say`Show more detail`}
          disabled={at >= BY_SIZE.length - 1}
          onClick={() => onZoom(BY_SIZE[at + 1]!)}
        >
          <Add />
        </IconButton>
        <IconButton
          aria-label={climbs ? say`Let time fall` : say`Let time climb`}
          title={climbs ? say`Turn the wall over: time falls` : say`Turn the wall over: time climbs`}
          onClick={onTurn}
        >
          <SwapVert />
        </IconButton>
        <IconButton
          aria-label={strips ? say`Hide hands, ovens and cold` : say`Show hands, ovens and cold`}
          aria-pressed={strips}
          title={strips ? say`Hide hands, ovens and cold` : say`Show hands, ovens and cold`}
          onClick={onStrips}
        >
          <ViewWeekOutlined />
        </IconButton>
        <Button
          variant={panel === 'load' ? 'contained' : 'outlined'}
          color="secondary"
          aria-pressed={panel === 'load'}
          onClick={() => onPanel(panel === 'load' ? null : 'load')}
          sx={{ ml: 0.5 }}
        >{say`Load`}</Button>
        <Button
          variant={panel === 'what if' ? 'contained' : 'outlined'}
          color="secondary"
          aria-pressed={panel === 'what if'}
          onClick={() => onPanel(panel === 'what if' ? null : 'what if')}
        >{say`What if…`}</Button>
        <Button
          variant="outlined"
          color="secondary"
          disabled={replan.busy}
          onClick={() => replan.run(() => replanAction())}
        >
          {replan.busy ? say`Planning…` : say`Re-plan`}
        </Button>
        <Button variant="contained" component={KitchenLink} href="/orders/new">{say`New order`}</Button>
      </Box>
      {replan.message}
    </Box>
  );
}

/** How many ladders hold, and those that do not, to go there. */
function Pinching({ view, onShow }: { view: WallView; onShow: (order: number) => void }) {
  const pinching = view.ladders.filter((l) => toneOf(l.status) !== 'holds');
  return (
    <Box sx={{ fontSize: 12.5, color: 'var(--zl-muted)', lineHeight: '18px', flex: '1 1 150px', minWidth: 0, px: 1 }}>
      {view.kitchen} · {view.ladders.length} {say`ladders ·`} {view.headline.counts.holds} {say`hold`}
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
  );
}
