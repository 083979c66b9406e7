'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import NextLink from 'next/link';
import type { KitchenLine } from '@/server/kitchen/kitchen-list';
import { kitchenPath } from '@/addresses';
import { Page } from '../parts/page';
import { BringIn } from '../kitchen/bring-in';
import { LoadDemo } from './load-demo';

/** The kitchens of this database, each with a clock, people and orders of its own. */
export function KitchensPage({ kitchens }: { kitchens: KitchenLine[] }) {
  return (
    <Page
      title={say`Kitchens`}
      detail={say`Each has its own people, library, orders and plan; nothing that is done in one changes another.`}
    >
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0, display: 'grid', gap: 1.5 }}>
        {kitchens.map((k) => (
          <li key={k.id}>
            <Box
              component={NextLink}
              prefetch={false}
              href={kitchenPath(k.id, '/')}
              sx={{
                display: 'block',
                p: 2,
                color: 'inherit',
                textDecoration: 'none',
                bgcolor: 'var(--zl-card)',
                border: '2px solid var(--zl-ink)',
                borderRadius: 2,
                '&:hover': { bgcolor: 'var(--zl-zest)', color: 'var(--zl-onZest)' },
              }}
            >
              <Box sx={{ fontWeight: 700, fontSize: 20 }}>{k.name}</Box>
              <Box sx={{ mt: 0.5 }}>
                {k.time} · {k.people} {say`people ·`} {k.openOrders} {say`open orders`}
              </Box>
            </Box>
          </li>
        ))}
      </Box>
      <Box sx={{ mt: 3 }}>
        <Button variant="outlined" color="secondary" component={NextLink} prefetch={false} href="/kitchens/new">
          {say`Set up another kitchen`}
        </Button>
      </Box>
      <Box component="section" aria-label={say`Bring a kitchen in`} sx={{ mt: 3 }}>
        <p>{say`A kitchen file becomes a kitchen beside these.`}</p>
        <BringIn into={null} />
      </Box>
      {!kitchens.some((k) => k.id === 'demo') && (
        <Box sx={{ mt: 3 }}>
          <p>{say`The demo is a made-up bakery with a week of orders, to look around in beside your own.`}</p>
          <LoadDemo />
        </Box>
      )}
    </Page>
  );
}
