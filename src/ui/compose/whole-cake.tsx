'use client';

import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import type { Kitchen } from '@/core/breakdown/kitchen';
import { questionsOf } from '@/core/compose/questions';
import type { Sums } from '@/core/compose/sums';
import type { Design } from '@/core/design/design';
import type { Allergen } from '@/core/formula/formula';
import { PORTION_KINDS } from '@/core/shape/portions';
import { say, term } from '@/core/words/say';
import { Fold } from '../parts/fold';
import { CutForGuests } from '../section/cut-for-guests';

interface WholeCakeProps {
  design: Design;
  sums: Sums;
  kitchen: Kitchen;
  choices: Record<string, string>;
  avoid: readonly Allergen[];
  /** Where what they must not get comes near it by shared things, in words. */
  contacts: readonly string[];
  /** Null where nobody chooses: a build leaves it to its orders. */
  onChoose: ((key: string, choice: string) => void) | null;
}

/** What holds of the whole cake, where nothing on it is touched: portions, how it is cut, what it contains, how it is made. */
export function WholeCake({ design, sums, kitchen, choices, avoid, contacts, onChoose }: WholeCakeProps) {
  const questions = onChoose ? questionsOf(design, kitchen) : [];
  const { coefficients } = kitchen;
  return (
    <Box sx={{ display: 'grid', gap: 2 }}>
      <Box sx={{ color: 'var(--zl-muted)' }}>
        {say`Touch something on the cake: what it is, how thick, why so much of it, and what else it could be stand here.`}
      </Box>
      {sums.wrongOrders.map((w) => (
        <Box key={`${w.block} ${w.after}`} sx={{ color: 'var(--zl-tightText)', fontWeight: 700 }}>
          ▲ {w.would}
        </Box>
      ))}
      <Box>
        <Box component="h2" sx={{ typography: 'h3', m: 0, mb: 0.5 }}>{say`Portions`}</Box>
        <Box component="ul" sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, m: 0, mb: 1, p: 0, listStyle: 'none' }}>
          {PORTION_KINDS.map((k) => (
            <Box key={k} component="li" sx={{ fontWeight: k === design.portion ? 700 : 400 }}>
              {say`${sums.portions[k]} ${term(k)}`}
            </Box>
          ))}
        </Box>
        <Fold title={say`How it is cut`}>
          <CutForGuests
            pieces={sums.pieces}
            kind={design.portion}
            figures={coefficients.cutting}
            sliceWidth={coefficients.portions.sliceWidth}
          />
        </Fold>
      </Box>
      <Box>
        <Box component="h2" sx={{ typography: 'h3', m: 0, mb: 0.5 }}>{say`Contains`}</Box>
        {sums.allergens.length === 0 && say`none of the list`}
        <Box component="ul" sx={{ m: 0, pl: 2.5, fontSize: 14 }}>
          {sums.allergens.map((a) => (
            <li key={a.allergen} style={avoid.includes(a.allergen) ? { color: 'var(--zl-missesText)' } : undefined}>
              <b>{term(a.allergen)}</b>: {a.from.join(', ')}
            </li>
          ))}
        </Box>
        {contacts.length > 0 && (
          <Box sx={{ mt: 1 }}>
            <Box component="h3" sx={{ typography: 'h3', m: 0 }}>{say`Comes near it`}</Box>
            <Box component="ul" sx={{ m: 0, pl: 2.5, fontSize: 14, color: 'var(--zl-tightText)' }}>
              {contacts.map((c) => (
                <li key={c}>{c}</li>
              ))}
            </Box>
          </Box>
        )}
        {avoid.length > 0 && (
          <Box sx={{ fontSize: 13, color: 'var(--zl-muted)', mt: 0.5 }}>
            {say`Bowls, ovens and hands are shared with other cakes here: traces cannot be ruled out by this list. Local food law comes first.`}
          </Box>
        )}
      </Box>
      {questions.length > 0 && (
        <Box sx={{ display: 'grid', gap: 1.5 }}>
          <Box component="h2" sx={{ typography: 'h3', m: 0 }}>{say`How it is made`}</Box>
          {questions.map((q) => (
            <TextField
              key={q.key}
              select
              size="small"
              label={q.question}
              value={choices[q.key] ?? ''}
              onChange={(e) => onChoose?.(q.key, e.target.value)}
              helperText={q.choices.find((c) => c.key === (choices[q.key] || q.default))?.effect || ' '}
              slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
            >
              <MenuItem value="">
                {q.default
                  ? say`As the kitchen does: ${q.choices.find((c) => c.key === q.default)?.name ?? ''}`
                  : say`Left to the plan`}
              </MenuItem>
              {q.choices.map((c) => (
                <MenuItem key={c.key} value={c.key}>
                  {c.name}
                </MenuItem>
              ))}
            </TextField>
          ))}
        </Box>
      )}
    </Box>
  );
}
