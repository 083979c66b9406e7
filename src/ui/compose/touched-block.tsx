'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { blockCalled, pieceCalled } from '@/core/compose/called';
import { couldBe } from '@/core/compose/could-be';
import {
  minutesAt,
  withAmount,
  withBlockMoved,
  withBlockOn,
  withHow,
  withMinutes,
  withoutBlock,
} from '@/core/compose/edits/blocks';
import { measureAt } from '@/core/compose/edits/said-as';
import { withFormulaAt } from '@/core/compose/edits/parts';
import { measureFields, withMeasure } from '@/core/compose/measures';
import { samePlace } from '@/core/compose/place';
import { say, term } from '@/core/words/say';
import { CouldBeList } from './could-be-list';
import { LiesFields } from './lies-fields';
import { NumberField } from './number-field';
import { PipeFields } from './pipe-fields';
import { SaidAsFields } from './said-as-fields';
import { Act, Acts, ByHand, Head, Why, type On } from './touched-parts';
import { UndecidedFields } from './undecided-fields';

/** A block of work: how much it takes, when it comes, and what a wrong order would do. */
export function TouchedBlock({ place, design, sums, kitchen, avoid, agreeBy, change, onChoose, onGrams }: On<'block'>) {
  const placed = design.blocks.find((b) => b.key === place.block)!;
  const take = place.take === null ? undefined : placed.takes[place.take];
  const part = design.parts.find((p) => p.role === take?.role);
  const drawn = sums.pieces.flatMap((p) => p.coats).find((c) => samePlace(c.place, place));
  const said = measureAt(design, place) !== null;
  const fields = take?.amount
    ? measureFields(take.amount, drawn?.thickness ?? null).filter((f) => !said || f.key !== 'thickness')
    : [];
  const on = placed.pieces ?? design.pieces.map((p) => p.key);
  const wrong = sums.wrongOrders.filter((w) => w.block === place.block || w.after === place.block);
  const at = design.blocks.indexOf(placed);
  const minutes = minutesAt(design, place.block, kitchen.blocks);
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      <Head where={blockCalled(placed, kitchen.blocks)} what={part?.label ?? blockCalled(placed, kitchen.blocks)}>
        {kitchen.blocks.get(placed.block)?.story && (
          <Box sx={{ fontSize: 14, color: 'var(--zl-muted)' }}>{kitchen.blocks.get(placed.block)!.story}</Box>
        )}
      </Head>
      {placed.takes.filter((t) => t.amount).length > 1 && (
        <Acts>
          {placed.takes.map((t, i) =>
            t.amount ? (
              <Button
                key={i}
                size="small"
                color="secondary"
                variant={i === place.take ? 'contained' : 'outlined'}
                aria-pressed={i === place.take}
                onClick={() => onChoose({ ...place, take: i })}
              >
                {sums.parts.find((p) => p.role === t.role)?.label ?? t.role}
                {t.amount.rule === 'coat' && t.amount.coat !== 'other' ? `, ${term(t.amount.coat)}` : ''}
              </Button>
            ) : null,
          )}
        </Acts>
      )}
      {wrong.map((w) => (
        <Box key={`${w.block} ${w.after}`} sx={{ color: 'var(--zl-tightText)', fontWeight: 700 }}>
          ▲ {w.would}
        </Box>
      ))}
      <SaidAsFields
        design={design}
        place={place}
        drawn={drawn?.thickness ?? null}
        grams={sums.parts.find((p) => p.role === take?.role)?.grams ?? null}
        change={change}
      />
      {fields.length > 0 && (
        <Acts>
          {fields.map(({ key, ...f }) => (
            <NumberField
              key={`${JSON.stringify(place)} ${key}`}
              {...f}
              onChange={(value) =>
                change((d) => withAmount(d, place.block, place.take!, withMeasure(take!.amount!, key, value)))
              }
            />
          ))}
        </Acts>
      )}
      {take?.amount && kitchen.blocks.get(placed.block)?.kind === 'pipe' && (
        <PipeFields key={`piped ${place.block} ${place.take}`} amount={take.amount} place={place} change={change} />
      )}
      <LiesFields design={design} place={place} kitchen={kitchen} change={change} />
      {take && <Why part={sums.parts.find((p) => p.role === take.role)} onGrams={onGrams} />}
      {take && (
        <CouldBeList
          key={`${take.role} ${place.block}`}
          offers={couldBe(place, design, kitchen, avoid)}
          onTake={(id) => {
            const by = kitchen.formulas.get(id)!;
            change((d) => withFormulaAt(d, place, by));
          }}
        />
      )}
      {design.pieces.length > 1 && (
        <Acts>
          {design.pieces.map((p) => (
            <Button
              key={p.key}
              size="small"
              color="secondary"
              variant={on.includes(p.key) ? 'contained' : 'outlined'}
              aria-pressed={on.includes(p.key)}
              disabled={on.length === 1 && on.includes(p.key)}
              onClick={() =>
                change((d) =>
                  withBlockOn(d, place.block, on.includes(p.key) ? on.filter((k) => k !== p.key) : [...on, p.key]),
                )
              }
            >
              {pieceCalled(p.key, design)}
            </Button>
          ))}
        </Acts>
      )}
      {minutes && (
        <Box>
          <NumberField
            key={`minutes ${place.block} ${minutes.byHand}`}
            label={say`Takes here`}
            unit="min"
            value={minutes.likely}
            {...{ least: 1, most: 600, step: 1 }}
            onChange={(likely) => change((d) => withMinutes(d, place.block, likely, kitchen.blocks))}
          />
          {minutes.byHand && (
            <ByHand
              usual={say`${minutes.usual} min`}
              onUsual={() => change((d) => withMinutes(d, place.block, null, kitchen.blocks))}
            />
          )}
        </Box>
      )}
      <TextField
        key={`how ${place.block}`}
        size="small"
        multiline
        label={say`Where it goes, and what the bench must know`}
        defaultValue={placed.stage?.how ?? ''}
        onBlur={(e) => {
          if (e.target.value !== (placed.stage?.how ?? ''))
            change((d) => withHow(d, place.block, e.target.value.trim()));
        }}
        slotProps={{ htmlInput: { maxLength: 300 } }}
      />
      <UndecidedFields
        key={`open ${place.block}`}
        design={design}
        of={{ block: place.block }}
        name={part?.label ?? blockCalled(placed, kitchen.blocks)}
        by={agreeBy}
        change={change}
      />
      <Acts>
        <Act disabled={at === 0} onClick={() => change((d) => withBlockMoved(d, place.block, -1, kitchen.blocks))}>
          {say`Earlier`}
        </Act>
        <Act
          disabled={at === design.blocks.length - 1}
          onClick={() => change((d) => withBlockMoved(d, place.block, 1, kitchen.blocks))}
        >
          {say`Later`}
        </Act>
        <Act
          onClick={() => {
            change((d) => withoutBlock(d, place.block, kitchen.blocks));
            onChoose(null);
          }}
        >
          {say`Take it out`}
        </Act>
      </Acts>
    </Box>
  );
}
