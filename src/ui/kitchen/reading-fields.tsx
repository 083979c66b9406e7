'use client';

import { say, term } from '@/core/words/say';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import type { Reading } from '@/core/measure/show-quantity';
import type { Country } from '@/core/measure/units';

interface ReadingFieldsProps {
  reading: Reading;
  countries: readonly Country[];
  disabled: boolean;
  onChange: (reading: Reading) => void;
}

/** In which units somebody reads. */
export function ReadingFields({ reading, countries, disabled, onChange }: ReadingFieldsProps) {
  const choices: { key: keyof Reading; label: string; options: [string, string][] }[] = [
    {
      key: 'weight',
      label: say`Weights`,
      options: [
        ['g', say`grams`],
        ['oz', say`pounds, ounces`],
      ],
    },
    {
      key: 'volume',
      label: say`Volumes`,
      options: [
        ['ml', say`millilitres`],
        ['cups', say`cups, spoons`],
      ],
    },
    {
      key: 'temperature',
      label: say`Heat`,
      options: [
        ['C', '°C'],
        ['F', '°F'],
        ['gas', say`gas mark`],
      ],
    },
    {
      key: 'length',
      label: say`Lengths`,
      options: [
        ['cm', 'cm'],
        ['in', 'inches'],
      ],
    },
    {
      key: 'decimal',
      label: say`Numbers are typed`,
      options: [
        ['ask', say`either way: ask`],
        ['point', '1,250.5'],
        ['comma', '1.250,5'],
      ],
    },
    { key: 'country', label: say`Cups of`, options: countries.map((c) => [c, term(c)]) },
  ];
  return choices.map((c) => (
    <TextField
      key={c.key}
      select
      label={c.label}
      value={reading[c.key] ?? 'ask'}
      disabled={disabled}
      onChange={(e) => onChange({ ...reading, [c.key]: e.target.value })}
      sx={{ width: 150 }}
    >
      {c.options.map(([value, name]) => (
        <MenuItem key={value} value={value}>
          {name}
        </MenuItem>
      ))}
    </TextField>
  ));
}
