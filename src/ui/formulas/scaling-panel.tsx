'use client';

import { say, terms } from '@/core/words/say';
import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { bakersPercentages } from '@/core/formula/percentages';
import type { FormulaView } from '@/server/formulas/formula-pages';
import { useReading } from '../parts/reading';
import type { FormulaLine } from '@/core/formula/formula';
import { KitchenLink } from '../kitchens/kitchen-link';
import type { Scale, Scaled } from './use-scaled';

const NAMES: Record<Scale, string> = { yield: say`Yield`, mix: say`Mix`, tins: say`Tins`, scarce: say`What there is` };

/** How much to make, and what to weigh for it. */
export function ScalingPanel({ view, scaled }: { view: FormulaView; scaled: Scaled }) {
  const { settings: s, set, known } = scaled;
  const { grams } = useReading();
  const scales = (Object.keys(NAMES) as Scale[]).filter(
    (k) => k !== 'tins' || (view.figures.batter && view.moulds.length > 0),
  );
  const { base, ...percent } = bakersPercentages(scaled, known, new Map(Object.entries(view.within)));
  return (
    <Box component="section" aria-label={say`Scaling`}>
      <ToggleButtonGroup
        exclusive
        size="small"
        value={s.by}
        aria-label={say`Scale by`}
        onChange={(_, by: Scale | null) => by && set({ by })}
        sx={{ mb: 1.5, '& .MuiToggleButton-root': { textTransform: 'none', minHeight: 40, px: 1.75 } }}
      >
        {scales.map((k) => (
          <ToggleButton key={k} value={k}>
            {NAMES[k]}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mb: 1 }}>
        {s.by === 'tins' ? (
          <>
            <TextField
              select
              label={say`Tin`}
              value={s.tin}
              onChange={(e) => set({ tin: e.target.value })}
              sx={{ flex: '1 1 190px' }}
            >
              {view.moulds.map((m) => (
                <MenuItem key={m.name} value={m.name}>
                  {m.name}
                </MenuItem>
              ))}
            </TextField>
            <TextField
              label={say`How many`}
              value={s.count}
              onChange={(e) => set({ count: e.target.value })}
              error={scaled.problem !== null}
              sx={{ width: 100 }}
            />
            <TextField
              label={say`Depth, mm`}
              value={s.depth}
              onChange={(e) => set({ depth: e.target.value })}
              sx={{ width: 104 }}
            />
          </>
        ) : (
          <>
            {s.by === 'scarce' && (
              <TextField
                select
                label={say`There is only`}
                value={s.scarce}
                onChange={(e) => set({ scarce: e.target.value })}
                sx={{ flex: '1 1 190px' }}
              >
                {scaled.lines.map((l) => (
                  <MenuItem key={l.ingredient} value={l.ingredient}>
                    {known.get(l.ingredient)?.name ?? l.ingredient}
                  </MenuItem>
                ))}
              </TextField>
            )}
            <TextField
              label={s.by === 'yield' ? say`Yield in g` : s.by === 'mix' ? say`Mix in g` : say`of it, g`}
              value={s.grams}
              onChange={(e) => set({ grams: e.target.value })}
              error={scaled.problem !== null}
              slotProps={{ htmlInput: { inputMode: 'decimal' } }}
              sx={{ width: 150 }}
            />
          </>
        )}
      </Box>
      <Box
        role={scaled.problem ? 'alert' : undefined}
        sx={{ fontSize: 13.5, mb: 1, color: scaled.problem ? 'var(--zl-missesText)' : 'var(--zl-muted)' }}
      >
        {scaled.problem ??
          say`${grams(scaled.total)} of mix, ${Math.round(view.formula.loss * 100)} % lost on the way, gives ${grams(scaled.yield)}`}
      </Box>
      <Box
        component="table"
        sx={{
          width: '100%',
          borderCollapse: 'collapse',
          '& td, & th': { py: 0.6, borderBottom: '1px solid var(--zl-line)', textAlign: 'left' },
          '& .n': { textAlign: 'right', pr: 1.5, whiteSpace: 'nowrap' },
        }}
      >
        <thead>
          <tr>
            <th className="n">{say`Weigh`}</th>
            <th>{say`Ingredient`}</th>
            <th className="n">{base === 'flour' ? say`% of flour` : say`% of all`}</th>
          </tr>
        </thead>
        <tbody>
          {scaled.rounded.lines.map((l, i) => {
            const ingredient = known.get(l.ingredient);
            const off = Math.abs(l.distortion) > 0.03;
            return (
              <tr key={`${i} ${l.ingredient}`}>
                <td className="n">
                  <b>{grams(l.grams)}</b>
                </td>
                <td>
                  {ingredient?.name ?? l.ingredient}
                  {l.count && <b> · {l.count}</b>}
                  <LineSaid line={l} />
                  {ingredient && ingredient.allergens.length > 0 && (
                    <Box component="span" sx={{ color: 'var(--zl-muted)', fontSize: 13 }}>
                      {' '}
                      ({terms(ingredient.allergens)})
                    </Box>
                  )}
                  {off && (
                    <Box sx={{ fontSize: 13, color: 'var(--zl-tightText)' }}>
                      {say`▲ rounding moves it by`} {(l.distortion * 100).toFixed(1)} {say`% from`} {l.exact.toFixed(1)}{' '}
                      g
                    </Box>
                  )}
                </td>
                <td className="n">{(percent.lines[i]!.percent * 100).toFixed(1)}</td>
              </tr>
            );
          })}
          {scaled.parts.map((p, i) => (
            <tr key={`part ${i}`}>
              <td className="n">
                <b>{grams(p.grams)}</b>
              </td>
              <td>
                <KitchenLink href={`/formulas/${p.formula}`} style={{ color: 'inherit' }}>
                  {view.formulas[p.formula] ?? p.formula}
                </KitchenLink>
                {p.note && <span style={{ color: 'var(--zl-muted)' }}>{`, ${p.note}`}</span>}
              </td>
              <td className="n">{(percent.parts[i]!.percent * 100).toFixed(1)}</td>
            </tr>
          ))}
        </tbody>
      </Box>
      {scaled.lines.some((l) => known.get(l.ingredient)?.egg === 'whole') && (
        <TextField
          select
          label={say`Eggs`}
          value={s.eggs}
          onChange={(e) => set({ eggs: e.target.value as 'whole' | 'beaten' })}
          helperText={say`An egg of ${view.figures.eggWeight} g with its shell`}
          sx={{ mt: 1.5, width: 230 }}
        >
          <MenuItem value="whole">{say`Whole eggs`}</MenuItem>
          <MenuItem value="beaten">{say`Beaten egg, by weight`}</MenuItem>
        </TextField>
      )}
    </Box>
  );
}

/** What a line says beside its weight: its use, how far it goes to texture or to taste, and how much of what is bought it is. */
export function LineSaid({ line: { note, range, keeps } }: { line: FormulaLine }) {
  const { grams } = useReading();
  const said = [
    ...(note ? [note] : []),
    ...(range ? [say`${grams(range.low)} to ${grams(range.high)}, until ${range.sign}`] : []),
    ...(keeps === undefined ? [] : [say`${Math.round(keeps * 100)} % of what is bought`]),
  ];
  return said.length > 0 ? <span style={{ color: 'var(--zl-muted)' }}>{`, ${said.join(', ')}`}</span> : null;
}
