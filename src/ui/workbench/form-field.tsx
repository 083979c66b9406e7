'use client';

import { say, term } from '@/core/words/say';
import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { FORM_MEASURES, type FormName } from '@/core/shape/form';
import type { FieldProps } from './field-props';

const MEASURE_NAMES: Record<string, string> = {
  topLength: say`top, long`,
  topWidth: say`top, wide`,
  bottomLength: say`foot, long`,
  bottomWidth: say`foot, wide`,
  across: 'across',
};

export function FormField({ spec, value, onChange, problems, path }: FieldProps) {
  const form = (value ?? { form: 'round', diameter: '' }) as { form: FormName } & Record<string, unknown>;
  const problem = problems[path];
  return (
    <Box
      sx={{ display: 'grid', gridTemplateColumns: 'minmax(110px, 1.2fr) repeat(auto-fit, minmax(84px, 1fr))', gap: 1 }}
    >
      <TextField
        select
        label={spec.label}
        value={form.form}
        error={problem !== undefined}
        onChange={(e) => {
          const known = FORM_MEASURES[e.target.value as FormName];
          // What was typed for the old form stays where the new one has the same measure.
          const sizes = Object.values(form).filter((v) => v !== form.form);
          onChange({
            form: e.target.value,
            ...Object.fromEntries(
              known.map((m, i) => [m, form[m] ?? (m === 'petals' ? 6 : (sizes[i] ?? sizes[0] ?? ''))]),
            ),
          });
        }}
      >
        {Object.keys(FORM_MEASURES).map((f) => (
          <MenuItem key={f} value={f}>
            {term(f)}
          </MenuItem>
        ))}
      </TextField>
      {FORM_MEASURES[form.form].map((m) => (
        <TextField
          key={m}
          label={`${MEASURE_NAMES[m] ?? m}${m === 'petals' ? '' : say`, mm`}`}
          value={form[m] ?? ''}
          error={problem !== undefined}
          onChange={(e) => onChange({ ...form, [m]: e.target.value })}
          slotProps={{ htmlInput: { inputMode: 'decimal' } }}
        />
      ))}
      {problem && <Box sx={{ gridColumn: '1 / -1', color: 'var(--zl-missesText)', fontSize: 12.5 }}>{problem}</Box>}
    </Box>
  );
}
