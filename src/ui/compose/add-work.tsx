'use client';

import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Box from '@mui/material/Box';
import { useState } from 'react';
import type { Kitchen } from '@/core/breakdown/kitchen';
import { beginsAs, beginsIn, formulasFor, goesInto } from '@/core/compose/begins-as';
import type { Space } from '@/core/compose/place';
import { withBlock } from '@/core/compose/edits/blocks';
import { withUndecided } from '@/core/compose/edits/undecided';
import type { Design } from '@/core/design/design';
import { allergensOf } from '@/core/formula/within';
import type { Allergen } from '@/core/formula/formula';
import { say } from '@/core/words/say';

/** Kinds of work that a cake has already, or that belong to how it is built. */
const NOT_ADDED = ['stack', 'build in a ring', 'roll', 'topping', 'cut to shape', 'stand', 'box', 'level', 'lift'];

const NAMES: Record<Space, string> = { top: say`Something on top`, foot: say`Something at the foot` };

interface AddWorkProps {
  design: Design;
  kitchen: Kitchen;
  avoid: readonly Allergen[];
  /** The day by which something is usually agreed, ISO. */
  agreeBy: string;
  change: (edit: (design: Design) => Design) => void;
  /** Where it goes, if only what goes there is offered. */
  into?: Space | null;
  /** Its key, and which of what it takes is looked at; null where it takes nothing. */
  onAdded: (key: string, take: number | null) => void;
}

/** One kind of work more on the cake: which, and with what. It finds its place among the others by itself. */
export function AddWork({ design, kitchen, avoid, agreeBy, change, into = null, onAdded }: AddWorkProps) {
  const [wanted, setWanted] = useState('');
  const block = kitchen.blocks.get(wanted);
  const begins = block && beginsAs(block.kind);
  const formulas = block ? formulasFor(block.kind, kitchen.formulas.values()) : [];
  const harms = (id: string) =>
    allergensOf(kitchen.formulas.get(id)!, kitchen.ingredients, kitchen.formulas).some((a) =>
      avoid.includes(a.allergen),
    );
  const add = (id: string, formula: string | null) => {
    const by = formula === null ? null : kitchen.formulas.get(formula)!;
    const own = kitchen.blocks.get(id)!;
    const begin = beginsIn(own.kind, into);
    const next = withBlock(design, own, kitchen.blocks, by && begin ? { by, ...begin } : undefined);
    const added = next.blocks.find((b) => !design.blocks.some((x) => x.key === b.key))!;
    const open = own.open ? { what: own.name, by: agreeBy } : null;
    change(() => (open ? withUndecided(next, { block: added.key }, open) : next));
    setWanted('');
    onAdded(added.key, added.takes.length > 0 ? 0 : null);
  };
  return (
    <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mt: 1 }}>
      <TextField
        select
        size="small"
        label={into ? NAMES[into] : say`Something more on it`}
        value={wanted}
        onChange={(e) => {
          const own = kitchen.blocks.get(e.target.value)!;
          // What is not agreed yet takes nothing.
          if (!own.open && beginsAs(own.kind)) setWanted(e.target.value);
          else add(e.target.value, null);
        }}
        sx={{ flex: '1 1 180px' }}
      >
        {[...kitchen.blocks.values()]
          .filter((b) => !b.retired && (into ? goesInto(b.kind, into) : !NOT_ADDED.includes(b.kind)))
          .map((b) => (
            <MenuItem key={b.id} value={b.id}>
              {b.name}
            </MenuItem>
          ))}
      </TextField>
      {begins && (
        <TextField
          select
          size="small"
          label={say`With what`}
          value=""
          onChange={(e) => add(wanted, e.target.value)}
          sx={{ flex: '1 1 180px' }}
        >
          {formulas.map((f) => (
            <MenuItem key={f.id} value={f.id} disabled={harms(f.id)}>
              {f.name}
            </MenuItem>
          ))}
        </TextField>
      )}
    </Box>
  );
}
