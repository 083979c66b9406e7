'use client';

import Box from '@mui/material/Box';
import type { ReactNode } from 'react';

export function Section({
  name,
  empty,
  count,
  children,
}: {
  name: string;
  empty: string;
  count: number;
  children: ReactNode;
}) {
  return (
    <Box component="section" aria-label={name}>
      <Heading>{name}</Heading>
      {count === 0 ? <Box sx={{ color: 'var(--zl-muted)' }}>{empty}</Box> : children}
    </Box>
  );
}

export function Heading({ children }: { children: ReactNode }) {
  return (
    <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 0.5 }}>
      {children}
    </Box>
  );
}

export function Time({ children }: { children: ReactNode }) {
  return <Box sx={{ fontWeight: 700, minWidth: 48, whiteSpace: 'nowrap' }}>{children}</Box>;
}

export function Muted({ children }: { children: ReactNode }) {
  return <Box sx={{ fontSize: 13.5, color: 'var(--zl-muted)' }}>{children}</Box>;
}
