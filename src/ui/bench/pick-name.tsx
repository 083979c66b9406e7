'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import type { BenchPerson } from '@/server/bench/team';
import { Page } from '../parts/page';
import { headingFont } from '../theme/theme';
import { KitchenLink } from '../kitchens/kitchen-link';

/** Who stands at this tablet? */
export function PickName({ time, people }: { time: string; people: BenchPerson[] }) {
  return (
    <Page title={say`Who are you?`} detail={say`It is ${time}. Pick your name.`}>
      <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(230px, 1fr))', gap: 2 }}>
        {people.map((p) => (
          <Box
            key={p.id}
            component={KitchenLink}
            href={`/bench/${encodeURIComponent(p.id)}`}
            sx={{
              display: 'flex',
              alignItems: 'center',
              gap: 2,
              minHeight: 104,
              p: 2,
              border: '2px solid var(--zl-line)',
              borderRadius: 2,
              bgcolor: 'var(--zl-card)',
              color: 'inherit',
              textDecoration: 'none',
              '&:hover': { borderColor: 'var(--zl-ink)' },
            }}
          >
            <Box
              sx={{
                width: 60,
                height: 60,
                flex: '0 0 auto',
                borderRadius: '50%',
                display: 'grid',
                placeItems: 'center',
                bgcolor: p.onShift ? 'var(--zl-zest)' : 'var(--zl-shift)',
                color: p.onShift ? 'var(--zl-onZest)' : 'var(--zl-muted)',
                fontFamily: headingFont,
                fontWeight: 700,
                fontSize: 22,
              }}
            >
              {p.initials}
            </Box>
            <Box>
              <Box sx={{ fontFamily: headingFont, fontWeight: 700, fontSize: 24, lineHeight: 1.1 }}>{p.name}</Box>
              <Box sx={{ color: 'var(--zl-muted)', fontSize: 15 }}>
                {p.doing ?? (p.onShift ? say`on shift` : say`off`)}
              </Box>
            </Box>
          </Box>
        ))}
      </Box>
    </Page>
  );
}
