import { say, terms } from '@/core/words/say';
import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import type { FormulaForm } from '@/core/input/formula-input';
import { AllergenBoxes } from '../parts/allergen-boxes';

export type Fresh = FormulaForm['fresh'][number];

/** What the library does not have yet: what each thing holds, told now or later. */
export function FreshIngredients({ fresh, onChange }: { fresh: Fresh[]; onChange: (fresh: Fresh[]) => void }) {
  if (fresh.length === 0) return null;
  const change = (id: string, more: Partial<Fresh>) =>
    onChange(fresh.map((i) => (i.id === id ? { ...i, ...more } : i)));
  return (
    <Box sx={{ mt: 1 }}>
      <Box sx={{ fontWeight: 700 }}>{say`New to the library: what do they hold?`}</Box>
      <Box
        sx={{ color: 'var(--zl-muted)', fontSize: 13.5 }}
      >{say`Read the label. What is not confirmed counts as anything: a cake whose eaters must not get something refuses it.`}</Box>
      {fresh.map((i) => (
        <Box key={i.id} component="fieldset" sx={{ border: 0, borderTop: '1px solid var(--zl-line)', p: 0, mt: 1 }}>
          <Box component="legend" sx={{ fontWeight: 700, pt: 0.5, pr: 1 }}>
            {i.name}
          </Box>
          <AllergenBoxes chosen={i.allergens} onChange={(allergens) => change(i.id, { allergens })} />
          <FormControlLabel
            label={say`Confirmed: ${i.name} holds ${i.allergens.length > 0 ? terms(i.allergens) : say`none of these`}`}
            control={<Checkbox checked={i.confirmed} onChange={(_, confirmed) => change(i.id, { confirmed })} />}
          />
        </Box>
      ))}
    </Box>
  );
}
