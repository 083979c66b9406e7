'use client';

import { say, term, terms } from '@/core/words/say';
import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import Chip from '@mui/material/Chip';
import FormControlLabel from '@mui/material/FormControlLabel';
import { eggLedger } from '@/core/formula/eggs';
import { allergensOf } from '@/core/formula/within';
import { SUBSTITUTIONS } from '@/core/formula/substitutions';
import { showQuantity } from '@/core/measure/show-quantity';
import type { FormulaView } from '@/server/formulas/formula-pages';
import type { Scaled } from './use-scaled';

const grams = (g: number) => showQuantity(g, 'mass');

/** What can stand in for what, what it changes, and what the formula then contains. */
export function WithoutPanel({ view, scaled }: { view: FormulaView; scaled: Scaled }) {
  const { settings, set, known } = scaled;
  const own = new Set(view.formula.lines.map((l) => l.ingredient));
  const ways = SUBSTITUTIONS.filter((s) => own.has(s.replaces));
  const toggle = (key: string, replaces: string) =>
    set({
      without: settings.without.includes(key)
        ? settings.without.filter((k) => k !== key)
        : [...settings.without.filter((k) => SUBSTITUTIONS.find((s) => s.key === k)?.replaces !== replaces), key],
    });
  return (
    <Box component="section" aria-label={say`Eggs, substitutions, allergens`}>
      <Allergens scaled={scaled} view={view} />
      <Eggs scaled={scaled} view={view} />
      {ways.length > 0 && (
        <>
          <Box component="h2" sx={{ typography: 'h2', m: 0, mt: 2.5 }}>{say`Do without`}</Box>
          {ways.map((w) => (
            <Box key={w.key} sx={{ borderBottom: '1px solid var(--zl-line)', py: 0.5 }}>
              <FormControlLabel
                label={w.name}
                control={
                  <Checkbox checked={settings.without.includes(w.key)} onChange={() => toggle(w.key, w.replaces)} />
                }
              />
              <Box sx={{ fontSize: 13.5, color: 'var(--zl-muted)', pl: 4 }}>
                {w.changes}
                {w.without.length > 0 && say` Takes away ${terms(w.without)}.`}
                {w.adds.length > 0 && say` Brings ${terms(w.adds)}.`}
                {w.not && say` Not for ${w.not}.`}
              </Box>
            </Box>
          ))}
        </>
      )}
      {scaled.lines.some((l) => !known.has(l.ingredient)) && (
        <Box sx={{ mt: 1, fontSize: 13.5, color: 'var(--zl-tightText)' }}>
          {say`▲ Not in the library, so its allergens are not known:`}{' '}
          {scaled.lines
            .filter((l) => !known.has(l.ingredient))
            .map((l) => l.ingredient)
            .join(', ')}
        </Box>
      )}
    </Box>
  );
}

function Allergens({ scaled, view }: { scaled: Scaled; view: FormulaView }) {
  const now = allergensOf(scaled, scaled.known, new Map(Object.entries(view.within)));
  const gone = view.allergens.filter((a) => !now.some((n) => n.allergen === a.allergen));
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75 }}>
      {now.map((a) => (
        <Chip
          key={a.allergen}
          size="small"
          label={`${term(a.allergen)}: ${a.from.join(', ')}`}
          sx={{
            bgcolor: 'transparent',
            color: 'inherit',
            border: '1.5px solid var(--zl-ink)',
            height: 'auto',
            '& .MuiChip-label': { whiteSpace: 'normal', py: 0.4 },
          }}
        />
      ))}
      {gone.map((a) => (
        <Chip
          key={a.allergen}
          size="small"
          label={say`● without ${term(a.allergen)}`}
          sx={{ bgcolor: 'var(--zl-holds)', color: '#fff' }}
        />
      ))}
      {now.length === 0 && <span>{say`None of the listed allergens.`}</span>}
    </Box>
  );
}

function Eggs({ scaled, view }: { scaled: Scaled; view: FormulaView }) {
  const of = (part: 'whole' | 'white' | 'yolk') =>
    scaled.rounded.lines
      .filter((l) => scaled.known.get(l.ingredient)?.egg === part)
      .reduce((sum, l) => sum + l.grams, 0);
  const need = { whole: of('whole'), whites: of('white'), yolks: of('yolk') };
  if (need.whole + need.whites + need.yolks === 0) return null;
  const ledger = eggLedger([need], view.figures.eggWeight);
  return (
    <Box sx={{ mt: 2 }}>
      <b>
        {say`Crack`} {ledger.crack} {ledger.crack === 1 ? say`egg` : say`eggs`}
      </b>{' '}
      {say`of`} {view.figures.eggWeight} {say`g. Over:`} {grams(Math.max(0, ledger.left.whites))} {say`white,`}{' '}
      {grams(Math.max(0, ledger.left.yolks))} {say`yolk. The pull list adds this up over the day.`}
    </Box>
  );
}
