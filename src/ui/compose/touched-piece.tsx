'use client';

import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { pieceCalled } from '@/core/compose/called';
import { formsFor } from '@/core/compose/sizes-of';
import { withLayerMore } from '@/core/compose/edits/inside';
import {
  canTrimSide,
  withCount,
  withForm,
  withInsideOf,
  withoutPiece,
  withSideTrim,
} from '@/core/compose/edits/pieces';
import { formName } from '@/core/shape/form';
import { sideTrimOf } from '@/core/shape/side-trim';
import { say } from '@/core/words/say';
import { NumberField } from './number-field';
import { TierOnTop } from './tier-on-top';
import { Act, Acts, Head, type On } from './touched-parts';

/** A piece: its size, how many, what stands on it. */
export function TouchedPiece({ place, design, sums, kitchen, change, onChoose }: On<'piece'>) {
  const piece = design.pieces.find((p) => p.key === place.piece)!;
  const drawn = sums.pieces.find((p) => p.key === place.piece);
  const forms = formsFor(piece, kitchen);
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      <Head where={formName(piece.form)} what={pieceCalled(place.piece, design)}>
        {drawn && <Box sx={{ color: 'var(--zl-muted)' }}>{say`${Math.round(drawn.height)} mm high`}</Box>}
      </Head>
      {forms.length > 1 && (
        <TextField
          select
          size="small"
          label={say`Size`}
          value={formName(piece.form)}
          onChange={(e) => {
            const form = forms.find((f) => formName(f) === e.target.value)!;
            change((d) => withForm(d, place.piece, form));
          }}
        >
          {forms.map((f) => (
            <MenuItem key={formName(f)} value={formName(f)}>
              {formName(f)}
            </MenuItem>
          ))}
        </TextField>
      )}
      <NumberField
        key={place.piece}
        label={say`How many`}
        unit={say`alike`}
        value={piece.count ?? 1}
        {...{ least: 1, most: 60, step: 1 }}
        onChange={(n) => change((d) => withCount(d, place.piece, Math.round(n)))}
      />
      {canTrimSide(design, piece) && (
        <Box>
          <NumberField
            key={`trim ${place.piece}`}
            label={say`Cut off the side`}
            unit="mm"
            value={sideTrimOf(piece.form, piece.tin)}
            {...{ least: 0, most: 60, step: 1 }}
            onChange={(mm) => change((d) => withSideTrim(d, place.piece, mm))}
          />
          {piece.tin && (
            <Box sx={{ fontSize: 13, color: 'var(--zl-muted)' }}>{say`baked in ${formName(piece.tin)}`}</Box>
          )}
        </Box>
      )}
      <Acts>
        <Act onClick={() => change((d) => withLayerMore(d, place.piece))}>{say`One layer more`}</Act>
        {design.pieces.length > 1 && (
          <Act
            onClick={() =>
              change((d) =>
                d.pieces.reduce((all, p) => (p.key === place.piece ? all : withInsideOf(all, place.piece, p.key)), d),
              )
            }
          >
            {say`The same inside in all others`}
          </Act>
        )}
        {design.pieces.length > 1 && (
          <Act
            onClick={() => {
              change((d) => withoutPiece(d, place.piece, kitchen.blocks));
              onChoose(null);
            }}
          >
            {say`Take it away`}
          </Act>
        )}
      </Acts>
      <TierOnTop design={design} kitchen={kitchen} change={change} />
    </Box>
  );
}
