'use client';

import Box from '@mui/material/Box';
import { useRef, type KeyboardEvent } from 'react';
import { blockCalled, insideCalled, pieceCalled } from '@/core/compose/called';
import { samePlace, type Place } from '@/core/compose/place';
import type { Sums } from '@/core/compose/sums';
import type { Block } from '@/core/design/block';
import type { Design } from '@/core/design/design';
import { say } from '@/core/words/say';

interface PlacesListProps {
  design: Design;
  sums: Sums;
  blocks: ReadonlyMap<string, Block>;
  chosen: Place | null;
  onChoose: (place: Place) => void;
  /** Plus and minus on what has a thickness. */
  onThicker: (place: Place, by: number) => void;
  onTakeOut: (place: Place) => void;
}

/** The same cake in words, from the top down: by arrows one goes along it, plus and minus make thicker and thinner, delete takes out. */
export function PlacesList({ design, sums, blocks, chosen, onChoose, onThicker, onTakeOut }: PlacesListProps) {
  const list = useRef<HTMLDivElement>(null);
  const go = (step: number) => {
    const all = [...(list.current?.querySelectorAll<HTMLButtonElement>('button') ?? [])];
    const at = all.indexOf(document.activeElement as HTMLButtonElement);
    all[Math.min(all.length - 1, Math.max(0, at + step))]?.focus();
  };
  const keys = (place: Place) => (e: KeyboardEvent) => {
    const act: Record<string, () => void> = {
      ArrowDown: () => go(1),
      ArrowUp: () => go(-1),
      '+': () => onThicker(place, 1),
      '-': () => onThicker(place, -1),
      Delete: () => onTakeOut(place),
    };
    const own = act[e.key];
    if (!own) return;
    e.preventDefault();
    own();
  };
  const line = (place: Place, what: string, detail: string, colour?: string) => (
    <li key={JSON.stringify(place)}>
      <button
        type="button"
        className="zl-word"
        aria-pressed={samePlace(place, chosen)}
        onClick={() => onChoose(place)}
        onKeyDown={keys(place)}
      >
        {place.on === 'inside' && <span className="zl-swatch" style={{ background: colour ?? 'transparent' }} />}
        <span>
          {what}
          <span style={{ color: 'var(--zl-muted)' }}> {detail}</span>
        </span>
      </button>
    </li>
  );
  const label = (role: string) => design.parts.find((p) => p.role === role)?.label ?? role;
  return (
    <Box component="section" ref={list} aria-label={say`The cake in words`} sx={{ mt: 1 }}>
      <Box sx={{ color: 'var(--zl-muted)', fontSize: 14 }}>{say`Work on it, in its order`}</Box>
      <ul className="zl-works" aria-label={say`Work on it, in its order`}>
        {design.blocks.map((b) =>
          line(
            {
              ...{ on: 'block', block: b.key },
              take: b.takes.some((t) => t.amount) ? b.takes.findIndex((t) => t.amount) : null,
            },
            blockCalled(b, blocks),
            [...new Set(b.takes.filter((t) => t.amount).map((t) => label(t.role)))].join(', '),
          ),
        )}
      </ul>
      <ul className="zl-works" aria-label={say`Free space on it`}>
        {line({ on: 'space', where: 'top' }, say`+ on top`, '')}
        {line({ on: 'space', where: 'foot' }, say`+ at the foot`, '')}
      </ul>
      <details>
        <summary
          style={{ cursor: 'pointer', padding: '6px 0' }}
        >{say`The same cake in words, from the top down`}</summary>
        {[...design.pieces].reverse().map((piece) => {
          const drawn = sums.pieces.find((p) => p.key === piece.key);
          const own: Place = { on: 'piece', piece: piece.key };
          return (
            <Box key={piece.key} sx={{ mb: 1 }}>
              <ul className="zl-words">
                {line(own, pieceCalled(piece.key, design), drawn ? say`${Math.round(drawn.height)} mm` : '')}
                {piece.inside
                  .map((item, at) => ({ item, at }))
                  .reverse()
                  .map(({ item, at }) => {
                    const place: Place = { on: 'inside', piece: piece.key, at };
                    const mm = drawn?.strata.find((s) => samePlace(s.place, place) && s.kind !== 'dam');
                    const colour = sums.parts.find((p) => p.role === item.role)?.colour;
                    const thick = mm ? say`, ${Number(mm.thickness.toFixed(1))} mm` : '';
                    return line(place, label(item.role), `${insideCalled(place, design)}${thick}`, colour ?? undefined);
                  })}
              </ul>
            </Box>
          );
        })}
      </details>
    </Box>
  );
}
