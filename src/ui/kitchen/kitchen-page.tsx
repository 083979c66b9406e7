'use client';

import { say } from '@/core/words/say';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useRouter } from 'next/navigation';
import { useState, useTransition } from 'react';
import type { Reading } from '@/core/measure/show-quantity';
import type { Figure } from '@/core/breakdown/figures/figure-list';
import type { KitchenView } from '@/server/kitchen/kitchen-settings';
import NextLink from 'next/link';
import { saveKitchenAction, saveReadingAction } from '../actions';
import { Page } from '../parts/page';
import { useAction } from '../parts/use-action';
import { ReadingFields } from './reading-fields';
import { SchoolQuestion } from './school-question';
import { showAgain } from '../parts/show-again';

/** The figures that everything is computed with, the schools of the house, and the units its people read in. */
export function KitchenPage({ view }: { view: KitchenView }) {
  const action = useAction();
  return (
    <Page
      title={view.name}
      detail={say`What everything is computed with. A change is planned with at once; each figure shows what it started from.`}
      actions={
        <Button
          variant="outlined"
          color="secondary"
          component={NextLink}
          prefetch={false}
          href="/kitchens"
        >{say`Other kitchens`}</Button>
      }
    >
      <Box component="section" aria-label={say`Schools`} sx={{ mb: 3 }}>
        <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 1 }}>{say`How we do it`}</Box>
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

/** As far as it matters: what is not touched keeps every digit. */
const shown = (f: Figure) => String(Number(f.value.toFixed(4)));

const LOST = say`The server did not answer. What you typed is still here: save again.`;

function Figures({ view }: { view: KitchenView }) {
  const router = useRouter();
  const [typed, setTyped] = useState<Record<string, string>>({});
  const [fields, setFields] = useState<Record<string, string>>({});
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, start] = useTransition();
  const groups = [...new Set(view.figures.map((f) => f.group))];
  const changed = view.figures.filter((f) => typed[f.path] !== undefined && typed[f.path] !== shown(f));
  const save = () =>
    start(async () => {
      setProblem(null);
      setFields({});
      const number = (text: string) => (text.trim() === '' ? NaN : Number(text.replace(',', '.')));
      const set = Object.fromEntries(changed.map((f) => [f.path, number(typed[f.path]!)]));
      try {
        const result = await saveKitchenAction(view.version, { figures: set });
        if (result.ok) showAgain(router);
        else {
          setProblem(result.message);
          setFields(result.fields ?? {});
        }
      } catch {
        setProblem(LOST);
      }
    });
  return (
    <Box component="section" aria-label={say`Figures`}>
      <Box
        sx={{
          display: 'flex',
          alignItems: 'center',
          gap: 2,
          position: 'sticky',
          top: 0,
          bgcolor: 'var(--zl-paper)',
          py: 1,
          zIndex: 2,
        }}
      >
        <Box component="h2" sx={{ typography: 'h2', m: 0, flex: 1 }}>{say`Figures`}</Box>
        <Button variant="contained" disabled={busy || changed.length === 0} onClick={save}>
          {busy
            ? say`Planning…`
            : changed.length === 0
              ? say`Nothing changed`
              : say`Save ${changed.length} and plan again`}
        </Button>
      </Box>
      {problem && (
        <Alert severity="error" sx={{ mb: 1 }}>
          {problem}
        </Alert>
      )}
      <Box sx={{ columns: { xs: 1, md: 2 }, columnGap: 4 }}>
        {groups.map((g) => (
          <Box key={g} sx={{ breakInside: 'avoid', mb: 2.5 }}>
            <Box component="h3" sx={{ typography: 'h3', m: 0, mb: 0.75, color: 'var(--zl-muted)' }}>
              {g}
            </Box>
            {view.figures
              .filter((f) => f.group === g)
              .map((f) => (
                <FigureField
                  key={f.path}
                  figure={f}
                  typed={typed[f.path] ?? shown(f)}
                  problem={fields[f.path]}
                  onType={(text) => setTyped((all) => ({ ...all, [f.path]: text }))}
                />
              ))}
          </Box>
        ))}
      </Box>
    </Box>
  );
}

function FigureField({
  figure: f,
  typed,
  problem,
  onType,
}: {
  figure: Figure;
  typed: string;
  problem: string | undefined;
  onType: (text: string) => void;
}) {
  const name = f.unit ? `${f.label}, ${f.unit}` : f.label;
  return (
    <Box sx={{ borderBottom: '1px solid var(--zl-line)', py: 0.5 }}>
      <Box component="label" sx={{ display: 'flex', gap: 1.5, alignItems: 'center' }}>
        <Box sx={{ flex: 1 }}>{f.label}</Box>
        {f.value !== f.start && (
          <Box sx={{ fontSize: 13, color: 'var(--zl-muted)' }}>
            {say`started at`} {f.start}
          </Box>
        )}
        <TextField
          value={typed}
          onChange={(e) => onType(e.target.value)}
          error={problem !== undefined}
          slotProps={{ htmlInput: { inputMode: 'decimal', 'aria-label': name, style: { textAlign: 'right' } } }}
          sx={{ width: 92 }}
        />
        <Box sx={{ width: 44, fontSize: 13, color: 'var(--zl-muted)' }}>{f.unit === 'share' ? '0–1' : f.unit}</Box>
      </Box>
      {problem && <Box sx={{ color: 'var(--zl-missesText)', fontSize: 13 }}>{problem}</Box>}
    </Box>
  );
}
