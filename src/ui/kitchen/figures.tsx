'use client';

import { say } from '@/core/words/say';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useRouter } from 'next/navigation';
import { useState, useTransition } from 'react';
import type { Figure } from '@/core/breakdown/figures/figure-list';
import type { KitchenView } from '@/server/kitchen/kitchen-settings';
import { saveKitchenAction } from '../actions';
import { useOpenForm } from '../parts/open-forms';
import { showAgain } from '../parts/show-again';
import { FigureExample } from './figure-example';

/** As far as it matters: what is not touched keeps every digit. */
const shown = (f: Figure) => String(Number(f.value.toFixed(4)));

const LOST = say`The server did not answer. What you typed is still here: save again.`;

/** The figures of the kitchen by group, what they change on an example cake, and the way back to where they started. */
export function Figures({ view }: { view: KitchenView }) {
  const router = useRouter();
  const [typed, setTyped] = useState<Record<string, string>>({});
  const [fields, setFields] = useState<Record<string, string>>({});
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, start] = useTransition();
  const groups = [...new Set(view.figures.map((f) => f.group))];
  const changed = view.figures.filter((f) => typed[f.path] !== undefined && typed[f.path] !== shown(f));
  const number = (text: string) => (text.trim() === '' ? NaN : Number(text.replace(',', '.')));
  const set = Object.fromEntries(changed.map((f) => [f.path, number(typed[f.path]!)]));
  const send = async () => {
    setProblem(null);
    setFields({});
    try {
      const result = await saveKitchenAction(view.version, { figures: set });
      if (result.ok) {
        showAgain(router);
        return true;
      }
      setProblem(result.message);
      setFields(result.fields ?? {});
    } catch {
      setProblem(LOST);
    }
    return false;
  };
  const save = () => start(async () => void (await send()));
  useOpenForm(changed.length > 0, send);
  return (
    <Box component="section" aria-label={say`Figures`}>
      <Box sx={{ position: 'sticky', top: 0, bgcolor: 'var(--zl-paper)', py: 1, zIndex: 2 }}>
        <Box sx={{ display: 'flex', alignItems: 'center', gap: 2 }}>
          <Box component="h2" sx={{ typography: 'h2', m: 0, flex: 1 }}>{say`Figures`}</Box>
          <Button variant="contained" disabled={busy || changed.length === 0} onClick={save}>
            {busy
              ? say`Planning…`
              : changed.length === 0
                ? say`Nothing changed`
                : say`Save ${changed.length} and plan again`}
          </Button>
        </Box>
        <FigureExample builds={view.builds} figures={set} />
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
  const start = String(Number(f.start.toFixed(4)));
  const name = f.unit ? `${f.label}, ${f.unit}` : f.label;
  return (
    <Box sx={{ borderBottom: '1px solid var(--zl-line)', py: 0.5 }}>
      <Box component="label" sx={{ display: 'flex', gap: 1.5, alignItems: 'center' }}>
        <Box sx={{ flex: 1 }}>{f.label}</Box>
        <TextField
          value={typed}
          onChange={(e) => onType(e.target.value)}
          error={problem !== undefined}
          slotProps={{ htmlInput: { inputMode: 'decimal', 'aria-label': name, style: { textAlign: 'right' } } }}
          sx={{ width: 92 }}
        />
        <Box sx={{ width: 44, fontSize: 13, color: 'var(--zl-muted)' }}>{f.unit === 'share' ? '0–1' : f.unit}</Box>
      </Box>
      {typed !== start && (
        <Box sx={{ textAlign: 'right' }}>
          <button
            type="button"
            className="zl-button zl-quiet"
            aria-label={say`Back to ${start}: ${f.label}`}
            onClick={() => onType(start)}
          >
            {say`Back to ${start}`}
          </button>
        </Box>
      )}
      {problem && <Box sx={{ color: 'var(--zl-missesText)', fontSize: 13 }}>{problem}</Box>}
    </Box>
  );
}
