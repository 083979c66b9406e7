import Box from '@mui/material/Box';
import { cuttingSchemes, type CuttingFigures } from '@/core/shape/cutting-scheme';
import { formName, type Form } from '@/core/shape/form';
import type { PortionKind } from '@/core/shape/portions';
import { say, term } from '@/core/words/say';
import { CuttingDrawing } from './cutting';

interface CutForGuestsProps {
  pieces: readonly { form: Form; height: number }[];
  kind: PortionKind;
  figures: CuttingFigures;
  /** mm of a slice of a roll or loaf. */
  sliceWidth: number;
}

/** How each size of a cake is cut for its kind of portions: every scheme that there is, the one with more first. */
export function CutForGuests({ pieces, kind, figures, sliceWidth }: CutForGuestsProps) {
  const sizes = [...new Map(pieces.map((p) => [`${formName(p.form)} ${Math.round(p.height)}`, p])).values()];
  return (
    <Box component="section" aria-label={say`How it is cut`} sx={{ display: 'grid', gap: 1.25 }}>
      {sizes.map(({ form, height }) => {
        const schemes = cuttingSchemes(form, height, kind, figures);
        return (
          <Box key={`${formName(form)} ${height}`}>
            <Box sx={{ fontSize: 14, mb: 0.5 }}>
              <b>{formName(form)}</b>
              {schemes.length > 0 ? say`, ${term(kind)} portions` : ''}
              {height >= 160 && schemes.length > 0 && say`: cut across half way up first, on a board`}
            </Box>
            {schemes.length > 0 ? (
              <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap' }}>
                {schemes.map((cut) => (
                  <CuttingDrawing key={cut.scheme} form={form} cut={cut} />
                ))}
              </Box>
            ) : (
              <Box sx={{ fontSize: 14, color: 'var(--zl-muted)' }}>
                {form.form === 'roll' || form.form === 'loaf'
                  ? say`Slices of ${sliceWidth} mm, straight across.`
                  : say`By weight: it has no flat top to be cut by.`}
              </Box>
            )}
          </Box>
        );
      })}
    </Box>
  );
}
