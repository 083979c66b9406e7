'use client';

import { say, term } from '@/core/words/say';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { Controller, type Control } from 'react-hook-form';
import type { PersonForm } from '@/core/input/person-input';
import { LEARNING } from '@/core/kitchen/person';

type Skills = PersonForm['skills'];

/** What somebody can do: each skill is not theirs, theirs, or still being learned; and the kitchen’s list can be made longer. */
export function SkillFields({ control, known }: { control: Control<PersonForm>; known: readonly string[] }) {
  return (
    <Controller
      control={control}
      name="skills"
      render={({ field, fieldState }) => (
        <>
          <SkillList skills={field.value} known={known} onChange={field.onChange} />
          {fieldState.error?.message && <Box sx={{ color: 'var(--zl-missesText)' }}>{fieldState.error.message}</Box>}
        </>
      )}
    />
  );
}

function SkillList({
  skills,
  known,
  onChange,
}: {
  skills: Skills;
  known: readonly string[];
  onChange: (skills: Skills) => void;
}) {
  const [typed, setTyped] = useState('');
  const names = [...new Set([...known, ...skills.map((s) => s.name)])];
  const set = (name: string, pace: number | null) => {
    const rest = skills.filter((s) => s.name !== name);
    onChange(pace === null ? rest : [...rest, { name, pace }]);
  };
  const add = () => {
    const name = typed.trim().toLowerCase();
    if (name === '') return;
    if (!skills.some((s) => s.name === name)) set(name, 1);
    setTyped('');
  };
  return (
    <Box sx={{ display: 'grid', gap: 0.75 }}>
      <Box
        component="ul"
        sx={{
          listStyle: 'none',
          m: 0,
          p: 0,
          display: 'grid',
          gap: 0.75,
          gridTemplateColumns: 'repeat(auto-fill, minmax(330px, 1fr))',
          '@media (max-width: 420px)': { gridTemplateColumns: '1fr' },
        }}
      >
        {names.map((name) => (
          <li key={name}>
            <SkillRow
              name={name}
              pace={skills.find((s) => s.name === name)?.pace ?? null}
              onChange={(pace) => set(name, pace)}
            />
          </li>
        ))}
      </Box>
      <Box sx={{ display: 'flex', gap: 1, mt: 0.5 }}>
        <TextField
          label={say`Another skill`}
          value={typed}
          onChange={(e) => setTyped(e.target.value)}
          onKeyDown={(e) => {
            if (e.key !== 'Enter') return;
            e.preventDefault();
            add();
          }}
          sx={{ width: 200 }}
          slotProps={{ htmlInput: { maxLength: 30 } }}
        />
        <Button variant="outlined" color="secondary" onClick={add}>{say`Add it`}</Button>
      </Box>
    </Box>
  );
}

/** Whether somebody does it, and how much longer they take while they learn. */
function SkillRow({
  name,
  pace,
  onChange,
}: {
  name: string;
  pace: number | null;
  onChange: (pace: number | null) => void;
}) {
  const learns = pace !== null && pace !== 1;
  const [typed, setTyped] = useState(`${pace ?? LEARNING}`);
  const choose = (label: string, on: boolean, next: number | null) => (
    <button
      type="button"
      className="zl-button"
      aria-pressed={on}
      aria-label={say`${term(name)}: ${label}`}
      onClick={() => onChange(next)}
    >
      {label}
    </button>
  );
  return (
    <Box sx={{ display: 'flex', gap: 0.5, alignItems: 'center' }}>
      <Box sx={{ width: 84, fontWeight: pace === null ? 400 : 700 }}>{term(name)}</Box>
      {choose(say`no`, pace === null, null)}
      {choose(say`does it`, pace === 1, 1)}
      {choose(say`learning`, learns, learns ? pace : LEARNING)}
      {learns && (
        <TextField
          value={typed}
          onChange={(e) => {
            setTyped(e.target.value);
            onChange(Number(e.target.value.replace(',', '.')));
          }}
          error={!(pace >= 0.5 && pace <= 5)}
          sx={{ width: 62 }}
          slotProps={{ htmlInput: { inputMode: 'decimal', 'aria-label': say`${term(name)}: times the usual` } }}
        />
      )}
      {learns && <span aria-hidden>×</span>}
    </Box>
  );
}
