'use client';

import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { ALLERGENS, type Allergen } from '@/core/formula/formula';
import { say, term } from '@/core/words/say';
import type { CakeOffer, CapacityQuestion } from '@/server/orders/capacity';
import { WhenField } from '../parts/when-fields';

interface Typed {
  portions: string;
  words: string;
  pickup: string;
  avoid: Allergen[];
  /** One of the cakes that were offered; null takes what fits the words best. */
  cake: CakeOffer | null;
}

export interface Telephone {
  typed: Typed;
  /** What changes the cake that is thought of forgets the one that was chosen. */
  set: (change: Partial<Typed>) => void;
  /** Null while something is missing. */
  question: CapacityQuestion | null;
}

/** What a customer says within a minute: for how many, of what, when, and what must not be in it. */
export function useTelephone(firstPickup: string): Telephone {
  const [typed, setTyped] = useState<Typed>({ portions: '20', words: '', pickup: firstPickup, avoid: [], cake: null });
  const portions = Number(typed.portions);
  const { words, pickup, avoid, cake } = typed;
  const complete = Number.isInteger(portions) && portions > 0 && pickup !== '';
  return {
    typed,
    set: (change) =>
      setTyped((now) => ({ ...now, ...(change.pickup === undefined && !change.cake && { cake: null }), ...change })),
    question: complete
      ? {
          ...{ portions, pickup, avoid },
          ...(cake ? { build: cake.build, size: cake.size, swaps: cake.swaps } : { words: words.trim() }),
        }
      : null,
  };
}

export function TelephoneFields({ state: { typed, set }, zone }: { state: Telephone; zone: string }) {
  return (
    <Box
      sx={{
        ...{ display: 'grid', gap: 1.25, alignItems: 'start' },
        gridTemplateColumns: { xs: '1fr', sm: '100px 1fr', lg: '100px minmax(150px, 1fr) minmax(240px, 1.1fr) 1.2fr' },
      }}
    >
      <TextField
        size="small"
        type="number"
        label={say`Portions`}
        value={typed.portions}
        onChange={(e) => set({ portions: e.target.value })}
        slotProps={{ htmlInput: { min: 1, max: 400 } }}
      />
      <TextField
        size="small"
        label={say`Flavour or cake`}
        value={typed.words}
        placeholder={say`anything`}
        onChange={(e) => set({ words: e.target.value })}
        slotProps={{ htmlInput: { maxLength: 60 }, inputLabel: { shrink: true } }}
      />
      <WhenField label={say`Pickup`} zone={zone} value={typed.pickup} onChange={(pickup) => set({ pickup })} />
      <Autocomplete
        multiple
        size="small"
        options={[...ALLERGENS]}
        value={typed.avoid}
        getOptionLabel={term}
        onChange={(_, avoid) => set({ avoid })}
        renderInput={(params) => <TextField {...params} label={say`Must not get`} />}
      />
    </Box>
  );
}
