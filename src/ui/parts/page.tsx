import Box from '@mui/material/Box';
import type { ReactNode } from 'react';

/** A page with a heading, and what can be done on it at its right. */
export function Page({
  title,
  detail,
  actions,
  children,
  wide = false,
}: {
  title: string;
  detail?: ReactNode;
  actions?: ReactNode;
  children: ReactNode;
  wide?: boolean;
}) {
  return (
    <Box
      component="main"
      id="main"
      sx={{ width: '100%', maxWidth: wide ? 1400 : 1080, mx: 'auto', px: 2, py: 2, boxSizing: 'border-box' }}
    >
      <Box sx={{ display: 'flex', alignItems: 'flex-start', flexWrap: 'wrap', gap: 2, mb: 2 }}>
        <Box sx={{ flex: '1 1 300px', minWidth: 0 }}>
          <Box component="h1" sx={{ typography: 'h1', m: 0, overflowWrap: 'anywhere' }}>
            {title}
          </Box>
          {detail && <Box sx={{ color: 'var(--zl-muted)', mt: 0.25 }}>{detail}</Box>}
        </Box>
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>{actions}</Box>
      </Box>
      {children}
    </Box>
  );
}
