'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import type { Reading } from '@/core/measure/show-quantity';
import type { KitchenView } from '@/server/kitchen/kitchen-settings';
import { saveKitchenAction, saveReadingAction } from '../actions';
import { Page } from '../parts/page';
import { useAction } from '../parts/use-action';
import { Figures } from './figures';
import { ReadingFields } from './reading-fields';
import { SchoolQuestion } from './school-question';

/** The figures that everything is computed with, the schools of the house, and the units its people read in. */
export function KitchenPage({ view }: { view: KitchenView }) {
  const action = useAction();
  return (
    <Page
      title={say`How we do it`}
      detail={say`What everything is computed with. A change is planned with at once; each figure shows what it started from.`}
    >
      <Box component="section" aria-label={say`Schools`} sx={{ mb: 3 }}>
        <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 1 }}>{say`Where good bakers differ`}</Box>
        {view.schools.map((s) => (
          <SchoolQuestion
            key={s.key}
            school={s}
            disabled={action.busy}
            onChoose={(choice) => action.run(() => saveKitchenAction(view.version, { choices: { [s.key]: choice } }))}
          />
        ))}
      </Box>
      <Units view={view} action={action} />
      <Figures key={view.version} view={view} />
      {action.message}
    </Page>
  );
}

function Units({ view, action }: { view: KitchenView; action: ReturnType<typeof useAction> }) {
  const [person, setPerson] = useState('');
  const own = view.people.find((p) => p.id === person);
  const reading = own ? (own.reading ?? view.reading) : view.reading;
  const save = (changed: Reading | null) =>
    action.run(() =>
      own ? saveReadingAction(own.id, changed) : saveKitchenAction(view.version, { reading: changed ?? view.reading }),
    );
  return (
    <Box component="section" aria-label={say`Units`} sx={{ mb: 3 }}>
      <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 1 }}>{say`Units`}</Box>
      <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap' }}>
        <TextField
          select
          label={say`Of`}
          value={person}
          onChange={(e) => setPerson(e.target.value)}
          sx={{ width: 190 }}
          slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
        >
          <MenuItem value="">{say`the whole kitchen`}</MenuItem>
          {view.people.map((p) => (
            <MenuItem key={p.id} value={p.id}>
              {p.name}
              {p.reading ? say` (own units)` : ''}
            </MenuItem>
          ))}
        </TextField>
        <ReadingFields reading={reading} countries={view.countries} disabled={action.busy} onChange={save} />
        {own?.reading && (
          <Button color="secondary" disabled={action.busy} onClick={() => save(null)}>{say`As the kitchen`}</Button>
        )}
      </Box>
    </Box>
  );
}
