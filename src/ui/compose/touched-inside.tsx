'use client';

import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useState } from 'react';
import { insideCalled, pieceCalled } from '@/core/compose/called';
import { couldBe, forPurposes } from '@/core/compose/could-be';
import {
  THICKNESS,
  withDam,
  withFillingAbove,
  withLayerMore,
  withoutInside,
  withSoak,
  withThickness,
} from '@/core/compose/edits/inside';
import { withFormulaAt, withFormulaEverywhere, withFormulaInPiece, withPart } from '@/core/compose/edits/parts';
import { formulaOf } from '@/core/design/design';
import { roleAt, samePlace } from '@/core/compose/place';
import { say } from '@/core/words/say';
import { ChooseFormula } from './choose-formula';
import { CouldBeList } from './could-be-list';
import { NumberField } from './number-field';
import { SoakFields } from './soak-fields';
import { SaidAsFields } from './said-as-fields';
import { Act, Acts, Head, Why, type On } from './touched-parts';
import { UndecidedFields } from './undecided-fields';

/** How far an exchange reaches. */
const SCOPES = ['here', 'piece', 'everywhere'] as const;
type Scope = (typeof SCOPES)[number];
const NAMES: Record<Scope, string> = { here: say`only here`, piece: say`in this tier`, everywhere: say`everywhere` };

/** A layer, a soak, a filling: how thick, what else it could be, and what may lie on it. */
export function TouchedInside({
  place,
  design,
  sums,
  kitchen,
  avoid,
  agreeBy,
  change,
  onChoose,
  onGrams,
}: On<'inside'>) {
  const piece = design.pieces.find((p) => p.key === place.piece)!;
  const item = piece.inside[place.at]!;
  const role = roleAt(place, design)!;
  const part = design.parts.find((p) => p.role === role);
  const drawn = sums.pieces
    .find((p) => p.key === place.piece)
    ?.strata.find((s) => samePlace(s.place, place) && s.kind !== 'dam');
  const places = design.pieces.reduce((n, p) => n + p.inside.filter((i) => i.role === role).length, 0);
  const inPiece = piece.inside.filter((i) => i.role === role).length;
  const scopes = SCOPES.filter((x) => x === 'here' || (x === 'piece' ? inPiece > 1 : places > inPiece));
  const [wanted, setWanted] = useState<Scope>('piece');
  const scope = scopes.includes(wanted) ? wanted : 'here';
  const take = (id: string) => {
    const by = kitchen.formulas.get(id)!;
    change((d) =>
      scope === 'here'
        ? withFormulaAt(d, place, by)
        : scope === 'piece'
          ? withFormulaInPiece(d, place, by)
          : withFormulaEverywhere(d, role, by),
    );
  };
  /** What a layer drinks like: by what it is made by. */
  const drinksAs = (layer: number): 'butter' | 'foam' => {
    const of = design.parts.find((p) => p.role === piece.inside[layer]?.role);
    return kitchen.formulas.get((of && formulaOf(of)) ?? '')?.batter === 'butter' ? 'butter' : 'foam';
  };
  const offers = couldBe(place, design, kitchen, avoid);
  const fillings = offers.filter((o) => o.clashes.length === 0);
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      <Head where={`${pieceCalled(place.piece, design)} · ${insideCalled(place, design)}`} what={part?.label ?? role} />
      {item.is === 'filling' ? (
        <SaidAsFields
          design={design}
          place={place}
          drawn={drawn?.thickness ?? null}
          grams={sums.parts.find((p) => p.role === role)?.grams ?? null}
          change={change}
        />
      ) : item.is === 'soak' ? (
        <SoakFields
          design={design}
          place={place}
          grams={sums.parts.find((p) => p.role === role)?.grams ?? 100}
          usual={drinksAs(place.at - 1)}
          change={change}
        />
      ) : drawn && item.is !== 'rest' ? (
        <NumberField
          key={JSON.stringify(place)}
          label={say`Thickness`}
          unit="mm"
          value={drawn.thickness}
          {...{ least: THICKNESS.least, most: THICKNESS.most, step: 0.5 }}
          onChange={(mm) => change((d) => withThickness(d, place.piece, place.at, mm))}
        />
      ) : null}
      <Why part={sums.parts.find((p) => p.role === role)} onGrams={onGrams} />
      {scopes.length > 1 && (
        <ToggleButtonGroup
          exclusive
          size="small"
          sx={{ '& .Mui-selected': { bgcolor: 'var(--zl-zest) !important', color: 'var(--zl-onZest) !important' } }}
          aria-label={say`Where another one is taken`}
          value={scope}
          onChange={(_, to: Scope | null) => to && setWanted(to)}
        >
          {scopes.map((x) => (
            <ToggleButton key={x} value={x}>
              {NAMES[x]}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
      )}
      <CouldBeList key={`${role} ${JSON.stringify(place)}`} offers={offers} onTake={take} />
      <UndecidedFields
        key={role}
        design={design}
        of={{ part: role }}
        name={part?.label ?? role}
        by={agreeBy}
        change={change}
      />
      <Acts>
        {item.is === 'layer' && piece.inside[place.at + 1]?.is !== 'soak' && (
          <ChooseFormula
            label={say`Soak it with`}
            offers={forPurposes(['soak'], kitchen, avoid)}
            onTake={(id) => {
              const kind = drinksAs(place.at);
              change((d) => withSoak(d, place.piece, place.at, kitchen.formulas.get(id)!, kind));
            }}
          />
        )}
        {item.is === 'filling' && item.dam === undefined && (
          <ChooseFormula
            label={say`A firm ring around it, of`}
            offers={forPurposes(['frosting'], kitchen, avoid)}
            onTake={(id) => {
              const by = kitchen.formulas.get(id)!;
              change((d) => {
                const { design: known, role: of } = withPart(d, 'dam', by);
                return withDam(known, place.piece, place.at, of);
              });
            }}
          />
        )}
        {item.is === 'filling' && item.dam !== undefined && (
          <Act onClick={() => change((d) => withDam(d, place.piece, place.at, null))}>
            {say`Without the ring of ${design.parts.find((p) => p.role === item.dam)?.label ?? item.dam}`}
          </Act>
        )}
        {item.is === 'layer' && (
          <Act onClick={() => change((d) => withLayerMore(d, place.piece))}>{say`One layer more`}</Act>
        )}
        {item.is === 'filling' && fillings.length > 1 && (
          <TextField
            select
            size="small"
            label={say`A second thing in this gap`}
            value=""
            onChange={(e) => {
              const by = kitchen.formulas.get(e.target.value)!;
              change((d) => withFillingAbove(d, place.piece, place.at, by));
              onChoose({ ...place, at: place.at + 1 });
            }}
            sx={{ flex: '1 1 100%' }}
          >
            {fillings
              .filter((o) => !o.is)
              .map((o) => (
                <MenuItem key={o.id} value={o.id}>
                  {o.name}
                </MenuItem>
              ))}
          </TextField>
        )}
        <Act
          onClick={() => {
            change((d) => withoutInside(d, place.piece, place.at));
            onChoose({ on: 'piece', piece: place.piece });
          }}
        >
          {item.is === 'layer' ? say`Take it out with its gap` : say`Take it out`}
        </Act>
      </Acts>
    </Box>
  );
}
