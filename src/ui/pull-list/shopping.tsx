'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import type { PullListView } from '@/server/pull-list/pull-list';
import { useReading } from '../parts/reading';
import { type Ticks, Tick } from './ticks';
import { Heading, Muted } from './list-parts';

export function Shopping({ view, ticks }: { view: PullListView; ticks: Ticks }) {
  const { grams } = useReading();
  const buys = view.list.shopping.filter((g) => g.lines.some((l) => l.buy > 0));
  return (
    <Box component="section" aria-label={say`To buy`}>
      <Heading>{say`To buy`}</Heading>
      {view.list.weighOuts.length > 0 && buys.length === 0 && (
        <Muted>{say`Nothing: the house has enough of everything.`}</Muted>
      )}
      {buys.map((g) => (
        <Box key={g.supplier} sx={{ mb: 1.5 }}>
          <Box sx={{ fontWeight: 700, color: 'var(--zl-muted)' }}>{g.supplier}</Box>
          <OrderTime order={view.orderBy[g.supplier]} />
          {g.lines
            .filter((l) => l.buy > 0)
            .map((l) => (
              <Tick
                key={l.ingredient}
                id={`buy ${view.day} ${l.ingredient} ${Math.round(l.buy)}`}
                ticks={ticks}
                label={say`Buy ${l.name}`}
              >
                <Box sx={{ flex: 1 }}>
                  {l.name}
                  <Muted>
                    {l.note ? `${l.note}, ` : ''}
                    {grams(l.needed)} {say`wanted,`} {grams(l.stock)} {say`in the house`}
                  </Muted>
                </Box>
                <b>{grams(l.buy)}</b>
              </Tick>
            ))}
        </Box>
      ))}
    </Box>
  );
}

/** Until when it can be ordered; what comes too late is said in the colour of what misses, with its sign. */
function OrderTime({ order }: { order: PullListView['orderBy'][string] | undefined }) {
  if (!order) return null;
  return (
    <Box sx={{ fontSize: 14, color: order.late ? 'var(--zl-missesText)' : 'inherit' }}>
      {order.late ? '■ ' : ''}
      {order.text}
    </Box>
  );
}
