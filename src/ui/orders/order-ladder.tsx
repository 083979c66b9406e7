'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import { useMemo, useRef, useState } from 'react';
import { timeOf } from '@/core/time/clock';
import type { OrderView } from '@/server/orders/order-view';
import { LADDER_GAP, OpenLadder } from '../ladder/ladder';
import { AXIS_WIDTH, TimeAxis, TimeGrid } from '../ladder/time-axis';
import { timeScale } from '../ladder/time-scale';
import { StepDrawer } from '../parts/step-drawer';
import { useMinute } from '../parts/use-minute';
import { useStored } from '../parts/use-stored';
import { NowLine } from '../ladder/now-line';
import { useRungKeys } from '../ladder/use-rung-keys';
import { useWidth } from '../parts/use-width';

const COLUMN = 112;
/** Room beside the ladders. Pixels. */
const SIDE = 8;
const PIXELS_PER_HOUR = 56;
/** Waits longer than this around the rungs are folded away. Minutes. */
const AROUND = 45;

/** The ladder of one order, opened into its component ladders. */
export function OrderLadder({ planned }: { planned: NonNullable<OrderView['planned']> }) {
  const { ladder, clock } = planned;
  const [direction] = useStored('zest-direction', ['climbs', 'falls'] as const);
  const [step, setStep] = useState<string | null>(null);
  const minute = useMinute(planned.minute);
  const region = useRef<HTMLDivElement>(null);
  const room = useWidth(region, 760) - AXIS_WIDTH - 2 * SIDE;
  const scale = useMemo(() => {
    const busy = [
      ...ladder.rungs.map((r): [number, number] => [r.start - AROUND, r.end + AROUND]),
      ...ladder.rails.filter((r) => r.place === 'oven').map((r): [number, number] => [r.start, r.end]),
      [ladder.pickup - AROUND, ladder.pickup + AROUND] as [number, number],
    ];
    return timeScale({
      from: Math.min(...busy.flat()),
      to: Math.max(...busy.flat()),
      open: busy,
      pixelsPerMinute: PIXELS_PER_HOUR / 60,
      foldHeight: 40,
      climbs: direction === 'climbs',
    });
  }, [ladder, direction]);
  const columns = ladder.components.length + 1;
  const width = Math.max(COLUMN, Math.floor(room / columns)) - LADDER_GAP;
  const ladders = useMemo(() => [ladder], [ladder]);
  const { keyDown } = useRungKeys({ scroller: region, ladders, scale, minute });
  const heads = (
    <Box sx={{ display: 'flex', gap: `${LADDER_GAP}px`, pl: `${AXIS_WIDTH + SIDE}px`, pr: 1, py: 0.75 }}>
      {[...ladder.components.map((c) => c.label), say`The cake`].map((name) => (
        <Box
          key={name}
          sx={{ flex: '0 0 auto', width, fontSize: 13, lineHeight: '16px', fontWeight: 700, textAlign: 'center' }}
        >
          {name}
        </Box>
      ))}
    </Box>
  );
  const shown = minute > ladder.pickup - scale.height / scale.pixelsPerMinute && minute < ladder.pickup + AROUND;
  return (
    <Box
      ref={region}
      role="region"
      aria-label={say`The ladder of this order; arrows go from rung to rung`}
      tabIndex={0}
      onKeyDown={keyDown}
      onClick={(e) => {
        const pressed = (e.target as Element).closest<HTMLElement>('.zl-rung')?.dataset.step;
        if (pressed) setStep(pressed);
      }}
      sx={{ overflowX: 'auto', border: '1px solid var(--zl-line)', borderRadius: 2, bgcolor: 'var(--zl-paper)' }}
    >
      <Box sx={{ minWidth: AXIS_WIDTH + columns * COLUMN }}>
        {!scale.climbs && heads}
        <Box sx={{ position: 'relative', display: 'flex', height: scale.height }}>
          <Box sx={{ position: 'relative', width: AXIS_WIDTH, flex: '0 0 auto' }}>
            <TimeAxis scale={scale} clock={clock} />
            {shown && <NowLine y={scale.y(minute)} text={timeOf(minute, clock).toFormat('HH:mm')} badge />}
          </Box>
          <Box sx={{ position: 'relative', flex: 1 }}>
            <TimeGrid scale={scale} clock={clock} />
            <Box data-ladder={ladder.order} sx={{ position: 'absolute', top: 0, bottom: 0, left: SIDE }}>
              <OpenLadder ladder={ladder} scale={scale} clock={clock} width={width} minute={minute} />
            </Box>
            {shown && <NowLine y={scale.y(minute)} />}
          </Box>
        </Box>
        {scale.climbs && heads}
      </Box>
      <StepDrawer step={step} onClose={() => setStep(null)} />
    </Box>
  );
}
