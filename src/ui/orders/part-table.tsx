'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import { useState } from 'react';
import type { PartChange } from '@/server/orders/change-part';
import type { PartView } from '@/server/orders/part-view';
import { useReading } from '../parts/reading';
import { Explained } from './part-explained';
import { KitchenLink } from '../kitchens/kitchen-link';

interface PartTableProps {
  parts: PartView[];
  /** Makes the parts changeable. */
  onChange?: (change: PartChange) => void;
  busy?: boolean;
}

/** The components with their amounts. A tap on a number opens the sum behind it, what it is for, and what to weigh. */
export function PartTable({ parts, onChange, busy = false }: PartTableProps) {
  const [open, setOpen] = useState<string | null>(null);
  const { tell } = useReading();
  return (
    <Box>
      {parts.map((p) => {
        const shown = open === p.role;
        return (
          <Box
            key={p.role}
            sx={{ borderBottom: '1px solid var(--zl-line)', py: 0.75, ...(p.into !== null && { pl: 2.5 }) }}
          >
            <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 1.5 }}>
              <Box sx={{ flex: 1, minWidth: 0 }}>
                <Box
                  component={KitchenLink}
                  href={`/formulas/${p.formula.id}`}
                  sx={{ color: 'inherit', fontWeight: 700 }}
                >
                  {p.label}
                </Box>
                {p.optional && <Muted> {say`may be left out`}</Muted>}
                <Box sx={{ color: 'var(--zl-muted)', fontSize: 13 }}>
                  {p.into === null ? p.formula.name : say`goes into ${p.into.toLowerCase()}`}
                  {p.exchanged && say` · exchanged`}
                  {p.batchWith.length > 0 && say` · one batch with ${p.batchWith.join(', ')}`}
                </Box>
              </Box>
              <Box
                component="button"
                type="button"
                aria-expanded={shown}
                aria-label={say`${p.label}: ${tell(p.amount)}. How it comes about`}
                onClick={() => setOpen(shown ? null : p.role)}
                sx={{
                  border: 0,
                  borderBottom: `2px ${p.computed === null ? 'solid' : 'double'} var(--zl-zest)`,
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
                {tell(p.amount)}
                {p.computed !== null && <Muted> {say`by hand`}</Muted>}
              </Box>
            </Box>
            {shown && (
              <Explained key={p.grams} part={p} busy={busy} {...(onChange && p.into === null ? { onChange } : {})} />
            )}
          </Box>
        );
      })}
    </Box>
  );
}

function Muted({ children }: { children: React.ReactNode }) {
  return (
    <Box component="span" sx={{ color: 'var(--zl-muted)', fontSize: 13, fontWeight: 400 }}>
      {children}
    </Box>
  );
}
