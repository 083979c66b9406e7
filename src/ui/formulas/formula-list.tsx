'use client';

import { say, term, terms } from '@/core/words/say';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useMemo, useState } from 'react';
import { durationText } from '@/core/time/duration-text';
import type { FormulaLineView } from '@/server/formulas/formula-pages';
import { finder } from '@/finding/finder';
import { Page } from '../parts/page';
import { KitchenLink } from '../kitchens/kitchen-link';

/** All formulas, by family, narrowed as one types. */
export function FormulaList({ formulas, find }: { formulas: FormulaLineView[]; find: string }) {
  const [words, setWords] = useState(find);
  const search = useMemo(
    () =>
      finder(formulas, (f) => ({
        name: f.name,
        more: [f.family, f.story, ...f.allergens.map((a) => term(a)), ...f.usedBy, ...f.ingredients].join(' '),
      })),
    [formulas],
  );
  const families = useMemo(() => {
    const found = search(words).map((h) => h.item);
    const used = found.filter((f) => !f.retired);
    const names = [...new Set(used.map((f) => f.family))].sort((a, b) => a.localeCompare(b));
    const retired = found.filter((f) => f.retired);
    return [
      ...names.map((family) => ({ family, list: used.filter((f) => f.family === family) })),
      ...(retired.length > 0 ? [{ family: say`Out of use`, list: retired }] : []),
    ];
  }, [search, words]);
  return (
    <Page
      title={say`Formulas`}
      detail={say`${formulas.length} in the library`}
      actions={
        <>
          <Button color="secondary" component={KitchenLink} href="/formulas/import">{say`Import`}</Button>
          <Button
            variant="outlined"
            color="secondary"
            component={KitchenLink}
            href="/formulas/new"
          >{say`New formula`}</Button>
          <TextField
            label={say`Find by name, ingredient, cake, allergen`}
            value={words}
            onChange={(e) => setWords(e.target.value)}
            sx={{ width: { xs: '100%', sm: 320 } }}
          />
        </>
      }
    >
      {families.length === 0 && <p>{say`No formula has all these words.`}</p>}
      <Box sx={{ columns: { xs: 1, md: 2 }, columnGap: 4 }}>
        {families.map(({ family, list }) => (
          <Box key={family} component="section" sx={{ breakInside: 'avoid', mb: 2.5 }}>
            <Box component="h2" sx={{ typography: 'h3', m: 0, mb: 0.5, color: 'var(--zl-muted)' }}>
              {family}
            </Box>
            {list.map((f) => (
              <Box
                key={f.id}
                component={KitchenLink}
                href={`/formulas/${f.id}`}
                sx={{
                  display: 'block',
                  color: 'inherit',
                  textDecoration: 'none',
                  p: 1.25,
                  mb: 0.75,
                  border: '1px solid var(--zl-line)',
                  borderRadius: 1.5,
                  bgcolor: 'var(--zl-card)',
                  '&:hover': { borderColor: 'var(--zl-ink)' },
                }}
              >
                <b>{f.name}</b>
                <Box sx={{ fontSize: 14 }}>{f.story}</Box>
                <Box sx={{ fontSize: 13, color: 'var(--zl-muted)' }}>
                  {say`keeps`} {durationText(f.keeps.max)}
                  {f.keeps.place ? say` in the ${term(f.keeps.place)}` : say` on the bench`}
                  {f.allergens.length > 0 && ` · ${terms(f.allergens)}`}
                </Box>
              </Box>
            ))}
          </Box>
        ))}
      </Box>
    </Page>
  );
}
