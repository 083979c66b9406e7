'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import { useMemo, useState } from 'react';
import { timeOf } from '@/core/time/clock';
import type { OrderView } from '@/server/orders/order-view';
import { OpenLadder } from '../ladder/ladder';
import { AXIS_WIDTH, TimeAxis, TimeGrid } from '../ladder/time-axis';
import { timeScale } from '../ladder/time-scale';
import { StepDrawer } from '../parts/step-drawer';
import { useMinute } from '../parts/use-minute';
import { useStored } from '../parts/use-stored';
import { NowLine } from '../ladder/now-line';

const COLUMN = 112;
const PIXELS_PER_HOUR = 56;
/** Waits longer than this around the rungs are folded away. Minutes. */
const AROUND = 45;

/** The ladder of one order, opened into its component ladders. */
export function OrderLadder({ planned }: { planned: NonNullable<OrderView['planned']> }) {
  const { ladder, clock } = planned;
  const [direction] = useStored('zest-direction', ['climbs', 'falls'] as const);
  const [step, setStep] = useState<string | null>(null);
  const minute = useMinute(planned.minute);
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
  const heads = (
    <Box sx={{ display: 'flex', gap: '10px', pl: `${AXIS_WIDTH + 8}px`, pr: 1, py: 0.75 }}>
      {[...ladder.components.map((c) => c.label), say`The cake`].map((name) => (
        <Box
          key={name}
          sx={{ flex: '1 1 0', minWidth: 0, fontSize: 13, lineHeight: '16px', fontWeight: 700, textAlign: 'center' }}
        >
          {name}
        </Box>
      ))}
    </Box>
  );
  const shown = minute > ladder.pickup - scale.height / scale.pixelsPerMinute && minute < ladder.pickup + AROUND;
  return (
    <Box
      role="region"
      aria-label={say`The ladder of this order`}
      tabIndex={0}
      sx={{ overflowX: 'auto', border: '1px solid var(--zl-line)', borderRadius: 2, bgcolor: 'var(--zl-paper)' }}
    >
      <Box sx={{ minWidth: AXIS_WIDTH + columns * COLUMN }}>
        {!scale.climbs && heads}
        <Box sx={{ position: 'relative', display: 'flex', height: scale.height }}>
          <Box sx={{ position: 'relative' }}>
            <TimeAxis scale={scale} clock={clock} />
            {shown && <NowLine y={scale.y(minute)} text={timeOf(minute, clock).toFormat('HH:mm')} badge />}
          </Box>
          <Box sx={{ position: 'relative', flex: 1, px: 1 }}>
            <TimeGrid scale={scale} clock={clock} />
            <OpenLadder ladder={ladder} scale={scale} clock={clock} onOpen={setStep} />
            {shown && <NowLine y={scale.y(minute)} />}
          </Box>
        </Box>
        {scale.climbs && heads}
      </Box>
      <StepDrawer step={step} onClose={() => setStep(null)} />
    </Box>
  );
}
