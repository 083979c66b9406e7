'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import Link from '@mui/material/Link';
import { useState } from 'react';
import { timeOf } from '@/core/time/clock';
import type { ToldLine, ToldView } from '@/server/bench/told-view';
import { useMinute } from '../parts/use-minute';
import { Page } from '../parts/page';
import { headingFont } from '../theme/theme';
import { KitchenLink } from '../kitchens/kitchen-link';
import { BigButton } from '../parts/big-button';
import { PutRight } from './put-right';

/** What was told in the last hours, by anybody: each line can be put right or taken back. */
export function ToldPage({ view, bench }: { view: ToldView; bench: string | null }) {
  const minute = useMinute(view.minute);
  const [open, setOpen] = useState<number | null>(null);
  const time = (m: number) => timeOf(m, view.clock).toFormat('HH:mm');
  return (
    <Page
      title={say`Told today`}
      detail={say`Anybody can put right what was told of a cake that is still here.`}
      actions={
        <Link
          component={KitchenLink}
          href={bench === null ? '/bench' : `/bench/${encodeURIComponent(bench)}`}
        >{say`Back to the bench`}</Link>
      }
    >
      {view.lines.length === 0 && <p>{say`Nothing was told in the last hours.`}</p>}
      <Box
        component="ul"
        aria-label={say`What was told, newest first`}
        sx={{ m: 0, p: 0, listStyle: 'none', fontSize: 19 }}
      >
        {view.lines.map((l) => (
          <Box key={l.event} component="li" sx={{ borderBottom: '2px solid var(--zl-line)', py: 1.25 }}>
            <Box sx={{ display: 'flex', gap: 2, alignItems: 'center' }}>
              <Box sx={{ width: 76, flex: '0 0 auto', fontFamily: headingFont, fontWeight: 700, fontSize: 24 }}>
                {time(l.minute)}
              </Box>
              <Box sx={{ flex: 1, minWidth: 0 }}>
                <Box sx={{ fontWeight: 700, textDecoration: l.takenBack ? 'line-through' : 'none' }}>
                  {l.step}: {l.what}
                </Box>
                <Box sx={{ color: 'var(--zl-muted)', fontSize: 16 }}>
                  {l.orders}
                  {l.who && ` · ${l.who}`}
                  {said(l, time)}
                </Box>
              </Box>
              {!l.takenBack && open !== l.event && (
                <BigButton kind="quiet" small onClick={() => setOpen(l.event)}>{say`Put right`}</BigButton>
              )}
            </Box>
            {open === l.event && <PutRight line={l} clock={view.clock} minute={minute} onClose={() => setOpen(null)} />}
          </Box>
        ))}
      </Box>
    </Page>
  );
}

/** How a line came to be as it is. */
function said(l: ToldLine, time: (m: number) => string): string {
  const parts = [
    ...(l.takenBack ? [say`taken back`] : []),
    ...(l.first !== null ? [say`put right, told as ${time(l.first)}`] : []),
    ...(l.first === null && l.told !== l.minute ? [say`told at ${time(l.told)}`] : []),
  ];
  return parts.map((p) => ` · ${p}`).join('');
}
