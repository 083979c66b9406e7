'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useMemo, useState } from 'react';
import { counted } from '@/core/measure/counted';
import { say } from '@/core/words/say';
import { finder } from '@/finding/finder';
import type { Beginning } from '@/server/builds/beginnings';
import { NotAnsweredNote } from '../asking/not-answered';
import { beginnings, OLDER_ORDERS } from '../asking/questions';
import { useAsked } from '../asking/use-asked';
import { useSettled } from '../asking/use-settled';
import { commonScale, SmallSection } from '../section/small-section';

interface BeginProps {
  /** As it was typed. */
  portions: string;
  onPortions: (portions: string) => void;
  avoid: readonly string[];
  onBegin: (offer: Beginning) => void;
  onCopy: (order: number) => void;
  /** Back to the cake that is there; null where nobody has chosen one yet. */
  onBack: (() => void) | null;
}

/** Typing that comes in a burst is asked once. ms. */
const QUIET = 250;
/** px in which an offer is drawn. */
const ROOM = { width: 172, height: 104 };
const MOST_OLDER = 6;
/** Guests, as long as nobody says how many. */
const USUAL = 12;

/** How a cake begins: by a flavour or a name, for so many, drawn to scale; or as an order of before. */
export function Begin({ portions, onPortions, avoid, onBegin, onCopy, onBack }: BeginProps) {
  const [words, setWords] = useState('');
  const settled = useSettled(words.trim(), QUIET);
  const wanted = Number(portions);
  const most = Number.isInteger(wanted) && wanted >= 1 && wanted <= 400 ? wanted : USUAL;
  const asked = useAsked(beginnings(most, settled, avoid), '', { keepOld: true });
  const offers = asked.answer;
  /** They are for other guests or words than those that stand there, which are still being looked for. */
  const old = asked.old || settled !== words.trim();
  const scale = useMemo(
    () =>
      commonScale(
        (offers ?? []).map((o) => o.pieces),
        ROOM,
      ),
    [offers],
  );
  return (
    <Box
      sx={{
        display: 'grid',
        gap: 2,
        alignContent: 'start',
        maxWidth: 980,
        mx: 'auto',
        width: '100%',
        pt: 1.5,
        px: 0.5,
      }}
    >
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap' }}>
        <Box component="h2" sx={{ typography: 'h2', m: 0, flex: '1 1 220px' }}>{say`What shall it be?`}</Box>
        <TextField
          size="small"
          type="number"
          label={say`Guests`}
          value={portions}
          onChange={(e) => onPortions(e.target.value)}
          sx={{ width: 96 }}
          slotProps={{ htmlInput: { min: 1, max: 400 } }}
        />
        <TextField
          size="small"
          label={say`A flavour, a cake, an older order`}
          value={words}
          onChange={(e) => setWords(e.target.value)}
          sx={{ flex: '1 1 260px', maxWidth: 420 }}
          slotProps={{ htmlInput: { maxLength: 60 } }}
        />
        {onBack && <Button color="secondary" onClick={onBack}>{say`Back to the cake`}</Button>}
      </Box>
      <NotAnsweredNote asked={asked} what={say`The cakes could not be read`} />
      {offers === undefined && asked.problem === null && (
        <Box sx={{ color: 'var(--zl-muted)' }}>{say`Looking through tins and formulas…`}</Box>
      )}
      {offers?.length === 0 && (
        <Box role="status">
          {settled === ''
            ? say`No set of the kitchen’s tins gives ${most} portions of what may be in it.`
            : say`Nothing here is called “${settled}” or can be made with it for ${most}.`}
        </Box>
      )}
      <Box
        component="ul"
        aria-label={say`Cakes to begin from`}
        sx={{
          ...{
            display: 'grid',
            gap: 1,
            gridTemplateColumns: { xs: '1fr 1fr', sm: 'repeat(auto-fill, minmax(196px, 1fr))' },
          },
          ...{ listStyle: 'none', m: 0, p: 0, opacity: old ? 0.6 : 1 },
        }}
      >
        {offers?.map((o) => (
          <li key={`${o.build} ${o.size} ${JSON.stringify(o.swaps)}`}>
            <OfferCard offer={o} scale={scale} onChoose={old ? null : () => onBegin(o)} />
          </li>
        ))}
      </Box>
      <Older words={settled} onCopy={onCopy} />
    </Box>
  );
}

/** An offer, which cannot be taken as long as it is one to something that is no longer asked. */
function OfferCard({ offer, scale, onChoose }: { offer: Beginning; scale: number; onChoose: (() => void) | null }) {
  return (
    <button type="button" className="zl-offer" disabled={!onChoose} onClick={onChoose ?? undefined}>
      <span className="zl-offer-cake" style={{ height: ROOM.height }}>
        <SmallSection pieces={offer.pieces} scale={scale} />
      </span>
      <b>{offer.name}</b>
      {offer.with.length > 0 && <span>{say`with ${offer.with.join(', ')}`}</span>}
      <span style={{ color: 'var(--zl-muted)' }}>
        {offer.cake} · {counted(offer.portions, 'portion')}
      </span>
    </button>
  );
}

/** Orders of before that are called so, or are of that customer or cake. */
function Older({ words, onCopy }: { words: string; onCopy: (order: number) => void }) {
  const { answer } = useAsked(OLDER_ORDERS);
  const find = useMemo(
    () => finder(answer ?? [], (o) => ({ name: o.title, more: `${o.customer} ${o.cake} ${o.pickup}` })),
    [answer],
  );
  const found = find(words).slice(0, MOST_OLDER);
  if (found.length === 0) return null;
  return (
    <section aria-label={say`As an order of before`}>
      <Box component="h3" sx={{ typography: 'h3', m: 0, mb: 0.5, color: 'var(--zl-muted)' }}>
        {say`As an order of before`}
      </Box>
      <ul className="zl-words">
        {found.map(({ item: o }) => (
          <li key={o.id}>
            <button type="button" className="zl-word" onClick={() => onCopy(o.id)}>
              <span>
                <b>{o.title}</b>
                <span style={{ color: 'var(--zl-muted)' }}>
                  {' '}
                  {o.pickup} · {o.cake}
                </span>
              </span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
