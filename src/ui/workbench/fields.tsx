'use client';

import { say, term } from '@/core/words/say';
import Close from '@mui/icons-material/Close';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import type { PlainField } from '@/server/workbench/calculators';
import { FormField } from './form-field';
import type { Values } from './typed-values';
import type { FieldProps } from './field-props';

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
              {ingredients.find((i) => i.id === c)?.name ?? term(c)}
            </MenuItem>
          ))}
        </TextField>
      );
    case 'form':
      return <FormField {...props} />;
    case 'list':
      return <ListField {...props} spec={spec} />;
    default:
      if (/(^|\.)ingredient$/.test(path))
        return (
          <TextField
            select
            label={spec.label}
            value={value ?? ''}
            onChange={(e) => onChange(e.target.value)}
            error={problem !== undefined}
            helperText={problem}
          >
            <MenuItem value="">{say`none`}</MenuItem>
            {ingredients.map((i) => (
              <MenuItem key={i.id} value={i.id}>
                {i.name}
              </MenuItem>
            ))}
          </TextField>
        );
      return (
        <TextField
          label={spec.kind === 'names' ? say`${spec.label}, with commas between` : spec.label}
          value={value ?? ''}
          onChange={(e) => onChange(e.target.value)}
          error={problem !== undefined}
          helperText={problem}
        />
      );
  }
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
            aria-label={say`Take line ${i + 1} out`}
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
      >{say`Another line`}</Button>
    </Box>
  );
}
