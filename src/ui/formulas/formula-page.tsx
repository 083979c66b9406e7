'use client';

import Box from '@mui/material/Box';
import Chip from '@mui/material/Chip';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { scaleToYield } from '@/core/formula/scale';
import { onTheScale } from '@/core/measure/show-quantity';
import { durationText } from '@/core/measure/duration-text';
import type { FormulaStep, FormulaWait } from '@/core/formula/formula';
import type { FormulaView } from '@/server/formula-pages';
import { Caution } from '../parts/caution';
import { Page } from '../parts/page';
import { placeBackground } from '../ladder/places';
import type { Place } from '@/server/views/wall-view';

/** Grams beyond which a yield is a slip of the finger. */
const MOST_YIELD = 200_000;

/** One formula: ingredients at any yield, steps with their waits, keeping, signs, cautions, allergens. */
export function FormulaPage({ view }: { view: FormulaView }) {
  const { formula } = view;
  const [typed, setTyped] = useState(String(Math.round(view.yield)));
  const wanted = Number(typed.replace(',', '.'));
  const valid = typed.trim() !== '' && wanted > 0 && wanted <= MOST_YIELD;
  const lines = scaleToYield(formula, valid ? wanted : view.yield);
  return (
    <Page title={formula.name} detail={`${formula.family} · ${formula.story} · version ${view.version}`}>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr', md: '380px minmax(0, 1fr)' },
          gap: 4,
          alignItems: 'start',
        }}
      >
        <Box>
          <TextField
            label="Yield in g"
            value={typed}
            onChange={(e) => setTyped(e.target.value)}
            error={!valid}
            helperText={
              valid
                ? `${Math.round(wanted / (1 - formula.loss))} g of mix, ${Math.round(formula.loss * 100)} % lost on the way`
                : 'A number of grams above 0, at most 200 kg.'
            }
            slotProps={{ htmlInput: { inputMode: 'decimal' } }}
            sx={{ mb: 1, width: 240 }}
          />
          <Box
            component="table"
            sx={{
              width: '100%',
              borderCollapse: 'collapse',
              '& td, & th': { py: 0.6, borderBottom: '1px solid var(--zl-line)', textAlign: 'left' },
              '& .n': { textAlign: 'right', pr: 2, whiteSpace: 'nowrap' },
            }}
          >
            <thead>
              <tr>
                <th className="n">g</th>
                <th>Ingredient</th>
                <th className="n">share</th>
              </tr>
            </thead>
            <tbody>
              {lines.map((l) => (
                <tr key={l.ingredient}>
                  <td className="n">
                    <b>{onTheScale(l.grams)}</b>
                  </td>
                  <td>
                    {view.ingredients[l.ingredient]?.name}
                    {view.ingredients[l.ingredient]!.allergens.length > 0 && (
                      <Box component="span" sx={{ color: 'var(--zl-muted)', fontSize: 13 }}>
                        {' '}
                        ({view.ingredients[l.ingredient]!.allergens.join(', ')})
                      </Box>
                    )}
                  </td>
                  <td className="n">{(l.share * 100).toFixed(1)} %</td>
                </tr>
              ))}
            </tbody>
          </Box>
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75, mt: 2 }}>
            {view.allergens.map((a) => (
              <Chip
                key={a.allergen}
                size="small"
                label={a.allergen}
                title={a.from.join(', ')}
                sx={{ bgcolor: 'transparent', color: 'inherit', border: '1.5px solid var(--zl-ink)' }}
              />
            ))}
            {view.allergens.length === 0 && <span>None of the listed allergens.</span>}
          </Box>
          {view.usedBy.length > 0 && (
            <Box sx={{ mt: 2, color: 'var(--zl-muted)' }}>Goes into {view.usedBy.join(', ')}.</Box>
          )}
        </Box>
        <Box>
          <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 1 }}>
            Steps
          </Box>
          {formula.steps.map((s, i) => (
            <Box key={s.key}>
              <StepBlock step={s} number={i + 1} />
              {formula.waits
                .filter((w) => w.from === s.key)
                .map((w) => (
                  <WaitBlock key={w.to} wait={w} />
                ))}
            </Box>
          ))}
          <WaitBlock
            wait={{ ...formula.keeping, from: '', to: '' }}
            name={`Then keeps ${durationText(formula.keeping.max)}${formula.keeping.place ? ` in the ${formula.keeping.place}` : ' on the bench'}`}
          />
          {formula.rescue && (
            <Box sx={{ mt: 2 }}>
              <b>If it goes wrong:</b> {formula.rescue}
            </Box>
          )}
        </Box>
      </Box>
    </Page>
  );
}

function StepBlock({ step, number }: { step: FormulaStep; number: number }) {
  const { low, likely, high, perKilo } = step.minutes;
  return (
    <Box
      sx={{
        p: 1.5,
        border: '1px solid var(--zl-line)',
        borderLeft: `8px solid var(--zl-${step.work === 'hands' ? 'zest' : step.work === 'oven' ? 'oven' : 'muted'})`,
        borderRadius: 1.5,
        bgcolor: 'var(--zl-card)',
      }}
    >
      <Box sx={{ display: 'flex', gap: 2, flexWrap: 'wrap', alignItems: 'baseline' }}>
        <Box component="h3" sx={{ typography: 'h3', m: 0, flex: 1 }}>
          {number}. {step.name}
        </Box>
        <Box sx={{ color: 'var(--zl-muted)', fontSize: 14 }}>
          {likely} min ({low}–{high}){perKilo ? `, + ${perKilo} per kg` : ''}
          {step.skill ? ` · ${step.skill}` : ''}
        </Box>
      </Box>
      <Box sx={{ mt: 0.5 }}>{step.how}</Box>
      {step.sign && (
        <Box sx={{ mt: 0.5 }}>
          <b>Until:</b> {step.sign}
        </Box>
      )}
      {step.caution && <Caution text={step.caution} />}
    </Box>
  );
}

function WaitBlock({
  wait,
  name,
}: {
  wait: Pick<FormulaWait, 'min' | 'max' | 'place' | 'why'> & { from: string; to: string };
  name?: string;
}) {
  const place: Place =
    wait.place === 'fridge' || wait.place === 'freezer' || wait.place === 'dry box' ? wait.place : 'bench';
  const limit = wait.max === null ? '' : `, at most ${durationText(wait.max)}`;
  const where = wait.place ? ` in the ${wait.place}` : '';
  return (
    <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'stretch', minHeight: 40, ml: 2, my: 0.25 }}>
      <Box aria-hidden sx={[{ width: 10, borderRadius: '2px' }, placeBackground(place)]} />
      <Box sx={{ alignSelf: 'center', fontSize: 14, color: 'var(--zl-muted)' }}>
        {name
          ? `${name}${wait.min > 0 ? `; used after ${durationText(wait.min)} at the earliest` : ''}`
          : `${wait.min === 0 ? 'at once' : `at least ${durationText(wait.min)}`}${limit}${where}`}
        {wait.why && `: ${wait.why}`}
      </Box>
    </Box>
  );
}
