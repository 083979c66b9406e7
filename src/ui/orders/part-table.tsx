'use client';

import Box from '@mui/material/Box';
import NextLink from 'next/link';
import { useState } from 'react';
import type { PartView } from '@/server/views/order-view';

/** The components with their amounts. A tap on a number opens the sum behind it, and what to weigh. */
export function PartTable({ parts }: { parts: PartView[] }) {
  const [open, setOpen] = useState<string | null>(null);
  return (
    <Box>
      {parts.map((p) => {
        const shown = open === p.role;
        return (
          <Box key={p.role} sx={{ borderBottom: '1px solid var(--zl-line)', py: 0.75 }}>
            <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 1.5 }}>
              <Box sx={{ flex: 1, minWidth: 0 }}>
                <Box component={NextLink} href={`/formulas/${p.formula.id}`} sx={{ color: 'inherit', fontWeight: 700 }}>
                  {p.label}
                </Box>
                {p.optional && (
                  <Box component="span" sx={{ color: 'var(--zl-muted)', fontSize: 13 }}>
                    {' '}
                    may be left out
                  </Box>
                )}
                <Box sx={{ color: 'var(--zl-muted)', fontSize: 13 }}>{p.formula.name}</Box>
              </Box>
              <Box
                component="button"
                type="button"
                aria-expanded={shown}
                aria-label={`${p.label}: ${p.amount}. How it comes about`}
                onClick={() => setOpen(shown ? null : p.role)}
                sx={{
                  border: 0,
                  borderBottom: '2px solid var(--zl-zest)',
                  bgcolor: 'transparent',
                  color: 'inherit',
                  font: 'inherit',
                  fontWeight: 700,
                  fontSize: 16,
                  minHeight: 36,
                  px: 0.5,
                  cursor: 'pointer',
                  whiteSpace: 'nowrap',
                }}
              >
                {p.amount}
              </Box>
            </Box>
            {shown && (
              <Box
                sx={{
                  mt: 0.75,
                  mb: 0.5,
                  p: 1.5,
                  bgcolor: 'var(--zl-card)',
                  border: '1px solid var(--zl-line)',
                  borderLeft: '5px solid var(--zl-zest)',
                  borderRadius: 1.5,
                  fontSize: 14,
                }}
              >
                {p.because}
                <Box
                  component="dl"
                  sx={{ m: 0, mt: 1, display: 'grid', gridTemplateColumns: 'auto 1fr', columnGap: 2, rowGap: 0.25 }}
                >
                  {p.lines.map((l) => (
                    <Box key={l.name} sx={{ display: 'contents' }}>
                      <Box component="dt" sx={{ textAlign: 'right', fontWeight: 700 }}>
                        {l.grams} g
                      </Box>
                      <Box component="dd" sx={{ m: 0 }}>
                        {l.name}
                      </Box>
                    </Box>
                  ))}
                </Box>
              </Box>
            )}
          </Box>
        );
      })}
    </Box>
  );
}
