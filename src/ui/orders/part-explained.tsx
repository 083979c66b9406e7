'use client';

import { say, terms } from '@/core/words/say';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import type { PartChange } from '@/server/orders/change-part';
import type { PartView } from '@/server/orders/part-view';
import { useReading } from '../parts/reading';

export function Explained({
  part: p,
  onChange,
  busy,
}: {
  part: PartView;
  onChange?: (change: PartChange) => void;
  busy: boolean;
}) {
  const { grams, tell } = useReading();
  return (
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
      {tell(p.because)}
      {p.computed !== null && (
        <Box sx={{ mt: 0.5, fontWeight: 700 }}>
          {say`Set by hand to`} {grams(p.grams)}
          {say`; computed`} {grams(p.computed)}.
        </Box>
      )}
      {p.portions.length > 1 && (
        <Numbers
          name={say`Of it`}
          rows={p.portions.map((x) => [
            grams(x.grams),
            x.leftOver ? say`${x.use} (feeds other parts)` : x.at === null ? x.use : `${x.use} · ${x.at}`,
          ])}
        />
      )}
      {p.drawn.map((d) => (
        <Box key={d} sx={{ mt: 0.5 }}>
          {tell(d)}
        </Box>
      ))}
      <Numbers name={say`Weigh`} rows={[...p.lines, ...p.takes].map((l) => [grams(l.grams), l.name])} />
      {onChange && (
        <>
          <SetAmount part={p} busy={busy} onChange={onChange} />
          {p.others.length > 1 && (
            <TextField
              select
              label={say`Exchange for`}
              value={p.formula.id}
              disabled={busy}
              onChange={(e) => onChange({ kind: 'formula', role: p.role, formula: e.target.value })}
              sx={{ mt: 1.5 }}
            >
              {p.others.map((o) => (
                <MenuItem key={o.id} value={o.id}>
                  {o.name}
                  {o.allergens.length > 0 && ` · ${terms(o.allergens)}`}
                </MenuItem>
              ))}
            </TextField>
          )}
        </>
      )}
    </Box>
  );
}

function Numbers({ name, rows }: { name: string; rows: [string, string][] }) {
  return (
    <>
      <Box sx={{ mt: 1, color: 'var(--zl-muted)', fontSize: 12.5, fontWeight: 700 }}>{name}</Box>
      <Box component="dl" sx={{ m: 0, display: 'grid', gridTemplateColumns: 'auto 1fr', columnGap: 2, rowGap: 0.25 }}>
        {rows.map(([value, label], i) => (
          <Box key={`${i} ${label}`} sx={{ display: 'contents' }}>
            <Box component="dt" sx={{ textAlign: 'right', fontWeight: 700 }}>
              {value}
            </Box>
            <Box component="dd" sx={{ m: 0 }}>
              {label}
            </Box>
          </Box>
        ))}
      </Box>
    </>
  );
}

function SetAmount({
  part,
  busy,
  onChange,
}: {
  part: PartView;
  busy: boolean;
  onChange: (change: PartChange) => void;
}) {
  const [typed, setTyped] = useState(String(Math.round(part.grams)));
  const value = Number(typed.replace(',', '.'));
  const valid = typed.trim() !== '' && value > 0 && value <= 200_000;
  return (
    <Box sx={{ display: 'flex', gap: 1, mt: 1.5, alignItems: 'flex-start', flexWrap: 'wrap' }}>
      <TextField
        label={say`Amount by hand, g`}
        value={typed}
        onChange={(e) => setTyped(e.target.value)}
        error={!valid}
        helperText={valid ? undefined : say`Grams above 0, at most 200 kg.`}
        slotProps={{ htmlInput: { inputMode: 'decimal' } }}
        sx={{ width: 150 }}
      />
      <Button
        variant="outlined"
        color="secondary"
        disabled={busy || !valid || Math.round(value) === Math.round(part.grams)}
        onClick={() => onChange({ kind: 'amount', role: part.role, grams: value })}
      >{say`Set`}</Button>
      {part.computed !== null && (
        <Button
          color="secondary"
          disabled={busy}
          onClick={() => onChange({ kind: 'amount', role: part.role, grams: null })}
        >{say`Back to computed`}</Button>
      )}
    </Box>
  );
}
