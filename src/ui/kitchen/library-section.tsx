'use client';

import { say, term } from '@/core/words/say';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import { useState } from 'react';
import type { StarterBuild, StarterFormula, StarterLibrary } from '@/server/kitchen/starter-library';
import type { KitchenSections } from '@/server/kitchen/kitchen-sections';
import { addFromLibraryAction } from '../actions';
import { Page } from '../parts/page';
import { useAction } from '../parts/use-action';
import { MissingNote } from './kitchen-frame';

const toggled = (chosen: readonly string[], id: string) =>
  chosen.includes(id) ? chosen.filter((c) => c !== id) : [...chosen, id];

/** Cakes and formulas to begin with, by family, with a look inside before they are taken. */
export function LibrarySection({ view, library }: { view: KitchenSections; library: StarterLibrary }) {
  const action = useAction();
  const [builds, setBuilds] = useState<string[]>([]);
  const [formulas, setFormulas] = useState<string[]>([]);
  const free = { builds: library.builds.filter((b) => !b.here), formulas: library.formulas.filter((f) => !f.here) };
  const families = [...new Set(library.formulas.map((f) => f.family))].sort();
  const needed = new Set(builds.flatMap((id) => library.builds.find((b) => b.id === id)?.formulas ?? []));
  const taken = new Set([...formulas, ...free.formulas.filter((f) => needed.has(f.id)).map((f) => f.id)]);
  const add = () =>
    action.run(async () => {
      const result = await addFromLibraryAction({ formulas, builds });
      if (result.ok) {
        setBuilds([]);
        setFormulas([]);
      }
      return result;
    });
  const all = () => {
    setBuilds(free.builds.map((b) => b.id));
    setFormulas(free.formulas.map((f) => f.id));
  };
  const count = builds.length + taken.size;
  return (
    <Page
      title={say`Starter library`}
      detail={say`Cakes and formulas to begin with. What you take is yours: change it as you make it. Their amounts and times are common practice, to be checked against your own.`}
      actions={
        <>
          {free.builds.length + free.formulas.length > 0 && (
            <Button variant="outlined" color="secondary" onClick={all}>{say`Choose all`}</Button>
          )}
          <Button variant="contained" disabled={action.busy || count === 0} onClick={add}>
            {count === 0 ? say`Nothing chosen` : say`Take ${builds.length} cakes and ${taken.size} formulas`}
          </Button>
        </>
      }
    >
      <MissingNote frame={view} section="library" />
      {action.message}
      <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 1 }}>{say`Cakes`}</Box>
      <ul className="zl-cards">
        {library.builds.map((b) => (
          <li key={b.id}>
            <BuildCard build={b} chosen={builds.includes(b.id)} onToggle={() => setBuilds(toggled(builds, b.id))} />
          </li>
        ))}
      </ul>
      <Box component="h2" sx={{ typography: 'h2', m: 0, mt: 3, mb: 1 }}>{say`Formulas`}</Box>
      {families.map((family) => (
        <Box key={family} component="section" aria-label={family} sx={{ mb: 2 }}>
          <Box component="h3" sx={{ typography: 'h3', m: 0, mb: 0.5, color: 'var(--zl-muted)' }}>
            {family}
          </Box>
          <ul className="zl-cards">
            {library.formulas
              .filter((f) => f.family === family)
              .map((f) => (
                <li key={f.id}>
                  <FormulaCard
                    formula={f}
                    needed={needed.has(f.id)}
                    chosen={formulas.includes(f.id)}
                    onToggle={() => setFormulas(toggled(formulas, f.id))}
                  />
                </li>
              ))}
          </ul>
        </Box>
      ))}
    </Page>
  );
}

interface CardProps {
  chosen: boolean;
  onToggle: () => void;
}

function Take({
  name,
  here,
  needed = false,
  chosen,
  onToggle,
}: CardProps & { name: string; here: boolean; needed?: boolean }) {
  return (
    <FormControlLabel
      sx={{ '& .MuiFormControlLabel-label': { fontWeight: 700 } }}
      label={here ? say`${name} · here` : needed && !chosen ? say`${name} · comes with a cake` : name}
      control={<Checkbox checked={here || chosen || needed} disabled={here || needed} onChange={onToggle} />}
    />
  );
}

const Lacks = ({ lacks }: { lacks: readonly string[] }) =>
  lacks.length === 0 ? null : (
    <div style={{ color: 'var(--zl-tightText)', fontSize: 14 }}>
      ▲ {say`nobody here does ${lacks.map((s) => term(s)).join(', ')}`}
    </div>
  );

function BuildCard({ build: b, ...card }: CardProps & { build: StarterBuild }) {
  return (
    <div className="zl-card">
      <Take name={b.name} here={b.here} {...card} />
      <div>{b.story}</div>
      <div style={{ color: 'var(--zl-muted)', fontSize: 14 }}>{say`${b.formulas.length} formulas`}</div>
      {!b.here && <Lacks lacks={b.lacks} />}
    </div>
  );
}

function FormulaCard({ formula: f, needed, ...card }: CardProps & { formula: StarterFormula; needed: boolean }) {
  return (
    <div className="zl-card">
      <Take name={f.name} here={f.here} needed={needed && !f.here} {...card} />
      <div style={{ fontSize: 14 }}>{f.story}</div>
      {!f.here && <Lacks lacks={f.lacks} />}
      <details>
        <summary>{say`Look inside`}</summary>
        <ul style={{ margin: '4px 0', paddingLeft: 18 }}>
          {f.lines.map((l) => (
            <li key={l}>{l}</li>
          ))}
        </ul>
        <div>{f.steps.map((s) => say`${s.name} ${s.minutes} min`).join(' → ')}</div>
        <div style={{ color: 'var(--zl-muted)' }}>
          {f.allergens.length > 0 ? f.allergens.map((a) => term(a)).join(', ') : say`no allergens`}
        </div>
      </details>
    </div>
  );
}
