'use client';

import Box from '@mui/material/Box';
import NextLink from 'next/link';
import { usePathname } from 'next/navigation';
import type { ReactNode } from 'react';
import { headingFont } from '../theme/theme';
import { useHydrated } from '../parts/use-hydrated';
import { useLive } from '../parts/use-live';
import { Keys } from './keys';
import { SearchPalette } from './search-palette';
import { ThemeSwitch } from './theme-switch';

const PLACES = [
  { href: '/', name: 'Wall' },
  { href: '/bench', name: 'Bench' },
  { href: '/orders', name: 'Orders' },
  { href: '/pull-list', name: 'Pull list' },
  { href: '/formulas', name: 'Formulas' },
  { href: '/workbench', name: 'Workbench' },
  { href: '/kitchen', name: 'Kitchen' },
];

/** The bar with the places, and below it the place one is in. */
export function Shell({ children }: { children: ReactNode }) {
  const path = usePathname();
  const hydrated = useHydrated();
  useLive();
  return (
    <Box data-hydrated={hydrated || undefined} sx={{ minHeight: '100dvh', display: 'flex', flexDirection: 'column' }}>
      <Box
        component="header"
        className="zl-bar"
        sx={{
          bgcolor: 'var(--zl-bar)',
          color: 'var(--zl-barText)',
          display: 'flex',
          alignItems: 'center',
          gap: { xs: 1, md: 2 },
          px: 2,
          minHeight: 52,
        }}
      >
        <Wordmark />
        <Box
          component="nav"
          aria-label="Places"
          sx={{ display: 'flex', gap: 0.5, flexGrow: 1, overflowX: 'auto', minWidth: 0 }}
        >
          {PLACES.map((p) => (
            <PlaceLink key={p.href} {...p} here={p.href === '/' ? path === '/' : path.startsWith(p.href)} />
          ))}
        </Box>
        <SearchPalette />
        <ThemeSwitch />
        <Keys />
      </Box>
      {children}
    </Box>
  );
}

function Wordmark() {
  return (
    <Box
      component={NextLink}
      href="/"
      aria-label="Zest Ladder, to the wall"
      sx={{
        fontFamily: headingFont,
        fontWeight: 700,
        fontSize: 20,
        color: 'inherit',
        textDecoration: 'none',
        pr: 1,
        whiteSpace: 'nowrap',
      }}
    >
      zest
      <Box component="span" sx={{ color: 'var(--zl-zest)' }}>
        /
      </Box>
      ladder
    </Box>
  );
}

function PlaceLink({ href, name, here }: { href: string; name: string; here: boolean }) {
  return (
    <Box
      component={NextLink}
      href={href}
      aria-current={here ? 'page' : undefined}
      sx={{
        px: { xs: 1, md: 1.5 },
        py: 1,
        whiteSpace: 'nowrap',
        borderRadius: 1,
        color: here ? 'var(--zl-onZest)' : 'inherit',
        bgcolor: here ? 'var(--zl-zest)' : 'transparent',
        fontWeight: here ? 700 : 400,
        textDecoration: 'none',
        '&:hover': { bgcolor: here ? 'var(--zl-zest)' : 'rgb(255 255 255 / 12%)' },
      }}
    >
      {name}
    </Box>
  );
}
