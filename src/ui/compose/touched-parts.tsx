'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { ReactNode } from 'react';
import type { Kitchen } from '@/core/breakdown/kitchen';
import { grams } from '@/core/breakdown/steps/words';
import { type Place } from '@/core/compose/place';
import type { PartSum, Sums } from '@/core/compose/sums';
import type { Design } from '@/core/design/design';
import type { Allergen } from '@/core/formula/formula';
import { MOST_GRAMS } from '@/core/input/grams-by-role';
import { say } from '@/core/words/say';
import { NumberField } from './number-field';

/** What everything that is touched is shown with. */
export interface TouchedProps {
  place: Place;
  design: Design;
  sums: Sums;
  kitchen: Kitchen;
  avoid: readonly Allergen[];
  /** The day by which something is usually agreed, ISO. */
  agreeBy: string;
  change: (edit: (design: Design) => Design) => void;
  onChoose: (place: Place | null) => void;
  /** Sets how much there is of a part in all, g; null is as it is computed. Where it is missing nothing can be set: of a build. */
  onGrams?: ((role: string, grams: number | null) => void) | undefined;
}

/** What is set at one thing that a block takes. */
export interface OfTake extends Pick<TouchedProps, 'change'> {
  place: Extract<Place, { on: 'block' }>;
}

export type On<K extends Place['on']> = TouchedProps & { place: Extract<Place, { on: K }> };

/** Where it is, and what. */
export function Head({ where, what, children }: { where: string; what: string; children?: ReactNode }) {
  return (
    <Box>
      <Box sx={{ color: 'var(--zl-muted)' }}>{where}</Box>
      <Box component="h2" sx={{ typography: 'h2', m: 0, overflowWrap: 'anywhere' }}>
        {what}
      </Box>
      {children}
    </Box>
  );
}

/** How much of a part there is, and why; it can be set by hand. */
export function Why({ part, onGrams }: { part: PartSum | undefined } & Pick<TouchedProps, 'onGrams'>) {
  if (!part) return null;
  return (
    <Box>
      <b>{say`${grams(part.grams)} in all`}</b>
      <Box sx={{ fontSize: 13, color: 'var(--zl-muted)', overflowWrap: 'anywhere' }}>{part.because}</Box>
      {part.uses.length > 1 && (
        <Box component="ul" sx={{ m: 0, mt: 0.5, pl: 2.5, fontSize: 13 }}>
          {part.uses.map((u, i) => (
            <li key={i}>
              {u.use}: {grams(u.grams)}
            </li>
          ))}
        </Box>
      )}
      {onGrams && (
        <Box sx={{ mt: 1.5 }}>
          <NumberField
            key={`${part.role} ${part.usual === null}`}
            label={say`Made in all`}
            unit="g"
            value={Math.round(part.grams)}
            {...{ least: 1, most: MOST_GRAMS, step: 10 }}
            onChange={(g) => onGrams(part.role, g)}
          />
          {part.usual !== null && <ByHand usual={grams(part.usual)} onUsual={() => onGrams(part.role, null)} />}
        </Box>
      )}
    </Box>
  );
}

/** That somebody has set a number by hand, what it would be else, and the way back. */
export function ByHand({ usual, onUsual }: { usual: string; onUsual: () => void }) {
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, fontSize: 13 }}>
      <span>
        <b>{say`Set by hand.`}</b> {say`Usually ${usual}.`}
      </span>
      <Button color="secondary" size="small" onClick={onUsual}>{say`As usual`}</Button>
    </Box>
  );
}

/** Something that can be done with what is touched. */
export function Act({
  children,
  onClick,
  disabled = false,
}: {
  children: ReactNode;
  onClick: () => void;
  disabled?: boolean;
}) {
  return (
    <Button color="secondary" size="small" variant="outlined" disabled={disabled} onClick={onClick}>
      {children}
    </Button>
  );
}

export const Acts = ({ children }: { children: ReactNode }) => (
  <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>{children}</Box>
);
