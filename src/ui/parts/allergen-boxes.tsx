import { term } from '@/core/words/say';
import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import { ALLERGENS, type Allergen } from '@/core/formula/formula';

interface AllergenBoxesProps {
  chosen: readonly Allergen[];
  onChange: (chosen: Allergen[]) => void;
}

/** A box for every allergen and flag, so that nothing is misspelt. */
export function AllergenBoxes({ chosen, onChange }: AllergenBoxesProps) {
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(118px, 1fr))' }}>
      {ALLERGENS.map((a) => (
        <FormControlLabel
          key={a}
          label={term(a)}
          control={
            <Checkbox
              checked={chosen.includes(a)}
              onChange={(_, on) => onChange(on ? [...chosen, a] : chosen.filter((x) => x !== a))}
            />
          }
        />
      ))}
    </Box>
  );
}
