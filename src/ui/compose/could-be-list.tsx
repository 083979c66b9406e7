'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { CouldBe } from '@/core/compose/could-be';
import { durationText } from '@/core/time/duration-text';
import { say, terms } from '@/core/words/say';

/** So many are shown before somebody asks for all. */
const FIRST = 6;

/** What could be in a place: what its eaters must not get is struck out, with what it is. */
export function CouldBeList({ offers, onTake }: { offers: readonly CouldBe[]; onTake: (id: string) => void }) {
  const [all, setAll] = useState(false);
  if (offers.length < 2) return null;
  const shown = all ? offers : offers.slice(0, FIRST);
  return (
    <Box sx={{ display: 'grid', gap: 0.75 }}>
      <Box id="could-be" sx={{ color: 'var(--zl-muted)', fontSize: 14 }}>{say`could be`}</Box>
      <Box role="radiogroup" aria-labelledby="could-be" sx={{ display: 'grid', gap: 0.75 }}>
        {shown.map((o) => (
          <button
            key={o.id}
            type="button"
            role="radio"
            aria-checked={o.is}
            className="zl-could"
            disabled={o.clashes.length > 0 && !o.is}
            onClick={() => onTake(o.id)}
          >
            <span className="zl-swatch" style={{ width: 22, height: 22, background: o.colour ?? 'var(--zl-bench)' }} />
            <span style={{ minWidth: 0 }}>
              <b>{o.name}</b>
              <span
                style={{
                  display: 'block',
                  fontSize: 13,
                  color: o.clashes.length > 0 ? 'var(--zl-missesText)' : 'var(--zl-muted)',
                }}
              >
                {o.clashes.length > 0
                  ? say`■ ${terms(o.clashes)}: the eaters must not get it`
                  : [say`keeps ${durationText(o.keeps)}`, terms(o.allergens)].filter(Boolean).join(' · ')}
              </span>
            </span>
          </button>
        ))}
      </Box>
      {offers.length > FIRST && !all && (
        <Button color="secondary" size="small" onClick={() => setAll(true)}>
          {say`${offers.length - FIRST} more`}
        </Button>
      )}
    </Box>
  );
}
