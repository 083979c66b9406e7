'use client';

import { say, term } from '@/core/words/say';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useRouter } from 'next/navigation';
import { useState, useTransition } from 'react';
import { COUNTRIES, type Country } from '@/core/measure/units';
import { onTheScale } from '@/core/measure/show-quantity';
import type { ImportedRecipe } from '@/workers/read-recipes';
import { readRecipeFileAction, saveFormulaAction } from '../actions';
import { Page } from '../parts/page';
import { FreshIngredients, type Fresh } from './fresh-ingredients';
import { useInKitchen } from '../kitchens/in-kitchen';
import { KitchenLink } from '../kitchens/kitchen-link';
import { leaveDraft } from './draft';

const LOST = say`The server did not answer. What you chose is still here: try again.`;

type Added = { id: string } | { problem: string };

interface ImportPageProps {
  ingredients: { id: string; name: string }[];
  /** Whose cups the kitchen has. */
  cups: Country;
}

/** Recipes from a file: what was read, what was not, and then into the library. */
export function ImportPage({ ingredients, cups }: ImportPageProps) {
  const router = useRouter();
  const within = useInKitchen();
  const [country, setCountry] = useState<string>(cups);
  const [content, setContent] = useState('');
  const [name, setName] = useState('pasted');
  const [recipes, setRecipes] = useState<ImportedRecipe[]>([]);
  const [added, setAdded] = useState<Record<number, Added>>({});
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, start] = useTransition();
  const names = new Map([...ingredients, ...recipes.flatMap((r) => r.form.fresh)].map((i) => [i.id, i.name]));
  const tell = (index: number, fresh: Fresh[]) =>
    setRecipes((all) => all.map((r, i) => (i === index ? { ...r, form: { ...r.form, fresh } } : r)));

  const read = (file: string, text: string) =>
    start(async () => {
      setProblem(null);
      setAdded({});
      try {
        const result = await readRecipeFileAction(file, text, country);
        setRecipes(result.ok ? result.recipes : []);
        if (!result.ok) setProblem(result.message);
      } catch {
        setProblem(LOST);
      }
    });
  const add = (index: number) =>
    start(async () => {
      try {
        const result = await saveFormulaAction(null, 0, { ...recipes[index]!.form, note: 'imported' });
        const told: Added = result.ok
          ? { id: result.id }
          : { problem: [result.message, ...Object.values(result.fields ?? {})].join(' ') };
        setAdded((all) => ({ ...all, [index]: told }));
      } catch {
        setProblem(LOST);
      }
    });

  return (
    <Page
      title={say`Import formulas`}
      detail={say`Recipes as schema.org JSON-LD (or a web page that carries it), or as a CSV table with the columns name, amount, unit. Nothing is saved before you say so.`}
    >
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr', md: '380px minmax(0, 1fr)' },
          gap: 4,
          alignItems: 'start',
        }}
      >
        <Box sx={{ display: 'grid', gap: 1.5 }}>
          <TextField
            select
            label={say`Cups and spoons of`}
            value={country}
            onChange={(e) => setCountry(e.target.value)}
          >
            {COUNTRIES.map((c) => (
              <MenuItem key={c} value={c}>
                {term(c)}
              </MenuItem>
            ))}
          </TextField>
          <Button variant="outlined" color="secondary" component="label" role={undefined} disabled={busy}>
            {say`Choose a file`}
            <input
              type="file"
              hidden
              accept=".json,.jsonld,.csv,.txt,.html,application/json,text/csv"
              onChange={async (e) => {
                const file = e.target.files?.[0];
                e.target.value = '';
                if (!file) return;
                const text = await file.text();
                setName(file.name);
                setContent(text);
                read(file.name, text);
              }}
            />
          </Button>
          <TextField
            label={say`or paste it here`}
            multiline
            minRows={8}
            maxRows={18}
            value={content}
            onChange={(e) => setContent(e.target.value)}
          />
          <Button
            variant="contained"
            disabled={busy || content.trim() === ''}
            onClick={() => read(name, content)}
          >{say`Read it`}</Button>
          {problem && <Alert severity="error">{problem}</Alert>}
        </Box>
        <Box>
          {recipes.length === 0 && !problem && (
            <Box sx={{ color: 'var(--zl-muted)' }}>{say`What is read shows here.`}</Box>
          )}
          {recipes.map(({ form, report }, i) => (
            <Box
              key={i}
              component="section"
              aria-label={form.name}
              sx={{ p: 2, mb: 2, border: '1px solid var(--zl-line)', borderRadius: 2, bgcolor: 'var(--zl-card)' }}
            >
              <Box component="h2" sx={{ typography: 'h2', m: 0 }}>
                {form.name}
              </Box>
              <Box sx={{ mt: 0.5 }}>
                {form.lines
                  .map((l) => `${onTheScale(l.grams)} g ${names.get(l.ingredient) ?? l.ingredient}`)
                  .join(' · ') || say`No ingredient could be read.`}
              </Box>
              <Box sx={{ mt: 0.5, color: 'var(--zl-muted)' }}>
                {form.steps
                  .map((s) => `${s.name} ${s.likely} min${s.celsius ? ` at ${s.celsius} °C` : ''}`)
                  .join(' → ')}
              </Box>
              <Box sx={{ mt: 1, fontWeight: 700 }}>
                {report.length} {say`to look at`}
              </Box>
              <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
                {report.map((r) => (
                  <li key={`${r.text} ${r.message}`}>
                    “{r.text}”: {r.message}
                  </li>
                ))}
              </Box>
              {!added[i] && <FreshIngredients fresh={form.fresh} onChange={(fresh) => tell(i, fresh)} />}
              <Box sx={{ mt: 1.5 }}>
                <AddState
                  state={added[i]}
                  busy={busy}
                  onAdd={() => add(i)}
                  onOpen={() => {
                    leaveDraft(recipes[i]!);
                    router.push(within('/formulas/new'));
                  }}
                />
              </Box>
            </Box>
          ))}
        </Box>
      </Box>
    </Page>
  );
}

interface AddStateProps {
  state: Added | undefined;
  busy: boolean;
  onAdd: () => void;
  onOpen: () => void;
}

function AddState({ state, busy, onAdd, onOpen }: AddStateProps) {
  if (state && 'id' in state)
    return (
      <span>
        {say`● Added.`}{' '}
        <Box
          component={KitchenLink}
          href={`/formulas/${state.id}/edit`}
          sx={{ color: 'inherit' }}
        >{say`Complete it`}</Box>
      </span>
    );
  return (
    <>
      <Button variant="contained" disabled={busy} onClick={onOpen}>{say`Open in the editor`}</Button>{' '}
      <Button color="secondary" disabled={busy} onClick={onAdd}>{say`Add to the library`}</Button>
      {state && (
        <Box role="alert" sx={{ mt: 1, color: 'var(--zl-missesText)' }}>
          {state.problem}
        </Box>
      )}
    </>
  );
}
