'use client';

import { say } from '@/core/words/say';
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
import { useInKitchen } from '../kitchens/in-kitchen';
import { LostNote } from './lost-note';
import { useArrival } from './use-arrival';
import { KitchenLink } from '../kitchens/kitchen-link';
import { useKitchen } from '../kitchens/kitchen-provider';

const PLACES = [
  { href: '/', name: say`Wall` },
  { href: '/bench', name: say`Bench` },
  { href: '/orders', name: say`Orders` },
  { href: '/pull-list', name: say`Pull list` },
  { href: '/formulas', name: say`Formulas` },
  { href: '/workbench', name: say`Workbench` },
  { href: '/kitchen', name: say`Kitchen`, also: '/builds' },
];

/** The bar with the places of the kitchen, and below it the place one is in. Outside of kitchens there are no places. */
export function Shell({ children }: { children: ReactNode }) {
  const path = usePathname();
  const within = useInKitchen();
  const kitchen = useKitchen();
  const hydrated = useHydrated();
  const lost = useLive(kitchen !== null);
  useArrival(path);
  const places = (kitchen ? PLACES : []).map((p) => ({
    ...p,
    here:
      p.href === '/'
        ? path === within('/')
        : [p.href, ...('also' in p ? [p.also] : [])].some((href) => path.startsWith(within(href))),
  }));
  return (
    <Box data-hydrated={hydrated || undefined} sx={{ minHeight: '100dvh', display: 'flex', flexDirection: 'column' }}>
      <a className="zl-skip" href="#main">{say`Skip to what this page is for`}</a>
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
          className="zl-broad"
          aria-label={say`Places`}
          sx={{ display: 'flex', gap: 0.5, flexGrow: 1, minWidth: 0 }}
        >
          {places.map((p) => (
            <PlaceLink key={p.href} {...p} />
          ))}
        </Box>
        {kitchen ? <PlacesMenu key={path} places={places} /> : <Box className="zl-narrow" sx={{ flex: 1 }} />}
        {kitchen && <ThisKitchenLink name={kitchen.name} />}
        {kitchen && <SearchPalette />}
        <ThemeSwitch />
        <Keys />
      </Box>
      <LostNote lost={lost} />
      {children}
    </Box>
  );
}

function Wordmark() {
  return (
    <Box
      component={KitchenLink}
      href="/"
      aria-label={say`Zest Ladder, to the wall`}
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
      {say`zest`}
      <Box component="span" sx={{ color: 'var(--zl-zest)' }}>
        /
      </Box>
      {say`ladder`}
    </Box>
  );
}

/** Which kitchen this is, and the way to the others. */
function ThisKitchenLink({ name }: { name: string }) {
  return (
    <Box
      component={NextLink}
      prefetch={false}
      href="/kitchens"
      aria-label={say`${name}: go to another kitchen`}
      title={name}
      sx={{
        display: { xs: 'none', lg: 'block' },
        maxWidth: 180,
        overflow: 'hidden',
        textOverflow: 'ellipsis',
        whiteSpace: 'nowrap',
        color: 'inherit',
        fontSize: 14,
        textUnderlineOffset: 3,
      }}
    >
      {name}
    </Box>
  );
}

/** All places, where there is no room for them beside each other. */
function PlacesMenu({ places }: { places: { href: string; name: string; here: boolean }[] }) {
  return (
    <details className="zl-places zl-narrow">
      <summary>{places.find((p) => p.here)?.name ?? say`Places`} ▾</summary>
      <nav aria-label={say`Places`}>
        {places.map((p) => (
          <KitchenLink key={p.href} href={p.href} aria-current={p.here ? 'page' : undefined}>
            {p.name}
          </KitchenLink>
        ))}
      </nav>
    </details>
  );
}

function PlaceLink({ href, name, here }: { href: string; name: string; here: boolean }) {
  return (
    <Box
      component={KitchenLink}
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
