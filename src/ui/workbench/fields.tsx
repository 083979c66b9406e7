'use client';

import Close from '@mui/icons-material/Close';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import IconButton from '@mui/material/IconButton';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { FORM_MEASURES, type FormName } from '@/core/shape/form';
import type { PlainField } from '@/server/workbench/calculators';

export type Values = Record<string, unknown>;

interface FieldProps {
  name: string;
  spec: PlainField;
  value: unknown;
  onChange: (value: unknown) => void;
  problems: Record<string, string>;
  /** Where in the whole input it lies: "tins.0.depth". */
  path: string;
  ingredients: { id: string; name: string }[];
}

const UNITS: Record<string, string> = { count: '', share: '0–1', bloom: 'bloom' };

/** One field of a calculator. Numbers stay text while they are typed, so that units may be typed with them. */
export function CalcField(props: FieldProps) {
  const { spec, value, onChange, problems, path, ingredients } = props;
  const problem = problems[path];
  switch (spec.kind) {
    case 'number': {
      const unit = UNITS[spec.unit] ?? spec.unit;
      return (
        <TextField
          label={unit ? `${spec.label}, ${unit}` : spec.label}
          value={value ?? ''}
          onChange={(e) => onChange(e.target.value)}
          error={problem !== undefined}
          helperText={problem}
          slotProps={{ htmlInput: { inputMode: 'decimal' } }}
        />
      );
    }
    case 'choice':
      return (
        <TextField
          select
          label={spec.label}
          value={value ?? ''}
          onChange={(e) => onChange(e.target.value)}
          error={problem !== undefined}
          helperText={problem}
        >
          {spec.choices.map((c) => (
            <MenuItem key={c} value={c}>
              {ingredients.find((i) => i.id === c)?.name ?? c}
            </MenuItem>
          ))}
        </TextField>
      );
    case 'flag':
      return (
        <FormControlLabel
          label={spec.label}
          control={<Checkbox checked={value === true} onChange={(_, on) => onChange(on)} />}
        />
      );
    case 'form':
      return <FormField {...props} />;
    case 'list':
      return <ListField {...props} spec={spec} />;
    default:
      if (/^ingredient/i.test(spec.label))
        return (
          <TextField
            select
            label={spec.label}
            value={value ?? ''}
            onChange={(e) => onChange(e.target.value)}
            error={problem !== undefined}
            helperText={problem}
          >
            <MenuItem value="">none</MenuItem>
            {ingredients.map((i) => (
              <MenuItem key={i.id} value={i.id}>
                {i.name}
              </MenuItem>
            ))}
          </TextField>
        );
      return (
        <TextField
          label={spec.kind === 'names' ? `${spec.label}, with commas between` : spec.label}
          value={value ?? ''}
          onChange={(e) => onChange(e.target.value)}
          error={problem !== undefined}
          helperText={problem}
        />
      );
  }
}

const MEASURE_NAMES: Record<string, string> = {
  topLength: 'top, long',
  topWidth: 'top, wide',
  bottomLength: 'foot, long',
  bottomWidth: 'foot, wide',
  across: 'across',
};

function FormField({ spec, value, onChange, problems, path }: FieldProps) {
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
            {f}
          </MenuItem>
        ))}
      </TextField>
      {FORM_MEASURES[form.form].map((m) => (
        <TextField
          key={m}
          label={`${MEASURE_NAMES[m] ?? m}${m === 'petals' ? '' : ', mm'}`}
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

function ListField({
  spec,
  value,
  onChange,
  problems,
  path,
  ingredients,
}: FieldProps & { spec: PlainField & { kind: 'list' } }) {
  const rows = (value as Values[] | undefined) ?? [];
  const names = Object.keys(spec.of);
  const empty = () =>
    Object.fromEntries(
      names.map((n) => [
        n,
        (spec.of[n] as { default?: unknown }).default ??
          (spec.of[n]!.kind === 'form' ? { form: 'round', diameter: 200 } : ''),
      ]),
    );
  return (
    <Box
      component="fieldset"
      sx={{ border: '1px solid var(--zl-line)', borderRadius: 1.5, p: 1.25, m: 0, minWidth: 0 }}
    >
      <Box component="legend" sx={{ px: 0.5, color: 'var(--zl-muted)' }}>
        {spec.label}
      </Box>
      {problems[path] && <Box sx={{ color: 'var(--zl-missesText)', fontSize: 13, mb: 1 }}>{problems[path]}</Box>}
      {rows.map((row, i) => (
        <Box key={i} sx={{ display: 'flex', gap: 0.5, mb: 1.25, alignItems: 'flex-start' }}>
          <Box
            sx={{
              flex: 1,
              minWidth: 0,
              display: 'grid',
              gap: 1,
              gridTemplateColumns: 'repeat(auto-fit, minmax(136px, 1fr))',
            }}
          >
            {names.map((n) => (
              <Box key={n} sx={{ gridColumn: spec.of[n]!.kind === 'form' ? '1 / -1' : 'auto', minWidth: 0 }}>
                <CalcField
                  name={n}
                  spec={spec.of[n]!}
                  value={row[n]}
                  path={`${path}.${i}.${n}`}
                  problems={problems}
                  ingredients={ingredients}
                  onChange={(v) => onChange(rows.map((r, j) => (j === i ? { ...r, [n]: v } : r)))}
                />
              </Box>
            ))}
          </Box>
          <IconButton
            aria-label={`Take line ${i + 1} out`}
            onClick={() => onChange(rows.filter((_, j) => j !== i))}
            sx={{ width: 40, height: 40 }}
          >
            <Close />
          </IconButton>
        </Box>
      ))}
      <Button
        size="small"
        variant="outlined"
        color="secondary"
        onClick={() => onChange([...rows, rows.at(-1) ?? empty()])}
      >
        Another line
      </Button>
    </Box>
  );
}

/** The values to begin with: each field's default. */
export function startValues(fields: Record<string, PlainField>): Values {
  return Object.fromEntries(
    Object.entries(fields).map(([name, f]) => [
      name,
      f.default ?? (f.kind === 'list' ? [] : f.kind === 'form' ? { form: 'round', diameter: 200 } : ''),
    ]),
  );
}

/** What the calculator reads: empty fields are left out, names become lists, plain numbers numbers. */
export function toInput(fields: Record<string, PlainField>, values: Values): Values {
  const input: Values = {};
  for (const [name, spec] of Object.entries(fields)) {
    const value = values[name];
    if (value === '' || value === undefined) continue;
    if (spec.kind === 'number') input[name] = typedNumber(value);
    else if (spec.kind === 'list') input[name] = (value as Values[]).map((row) => toInput(spec.of, row));
    else if (spec.kind === 'form')
      input[name] = Object.fromEntries(
        Object.entries(value as Values).map(([k, v]) => [k, k === 'form' ? v : typedNumber(v)]),
      );
    else if (spec.kind === 'names')
      input[name] =
        typeof value === 'string'
          ? value
              .split(',')
              .map((x) => x.trim())
              .filter(Boolean)
          : value;
    else input[name] = value;
  }
  return input;
}

/** "12,5" is a number; "12 cm" stays text, for the calculator to read. */
function typedNumber(value: unknown): unknown {
  if (typeof value !== 'string') return value;
  const number = Number(value.trim().replace(',', '.'));
  return value.trim() !== '' && Number.isFinite(number) ? number : value;
}
