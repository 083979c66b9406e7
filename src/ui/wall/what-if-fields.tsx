'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { minuteOf, timeOf, typedTime, WALL_CLOCK } from '@/core/time/clock';
import type { Span } from '@/core/time/spans';
import type { WallView } from '@/server/wall/wall-view';
import { OneMoreFields, useOneMore } from '../orders/one-more-fields';
import { WhenField } from '../parts/when-fields';
import type { Supposed } from './supposed';

const KINDS = [
  ['away', say`Somebody is away`],
  ['longer', say`Somebody works longer`],
  ['closed', say`An oven or machine is down`],
  ['more', say`One more of a thing`],
  ['pickup', say`A pickup is moved`],
  ['order', say`One order more`],
] as const;
type Kind = (typeof KINDS)[number][0];

/** What to suppose: somebody ill, an oven down, overtime, a borrowed tin, another pickup, an order more. */
export function WhatIfFields({
  view,
  hasOrder,
  onSuppose,
}: {
  view: WallView;
  hasOrder: boolean;
  onSuppose: (supposed: Supposed) => void;
}) {
  const { clock } = view;
  const [kind, setKind] = useState<Kind>('away');
  const [who, setWho] = useState('');
  const endOfDay = timeOf(view.minute, clock).endOf('day').startOf('minute');
  const [from, setFrom] = useState(() => timeOf(view.minute, clock).toFormat(WALL_CLOCK));
  const [until, setUntil] = useState(() => endOfDay.toFormat(WALL_CLOCK));
  const more = useOneMore(
    timeOf(view.minute, clock).plus({ days: 2 }).set({ hour: 12, minute: 0 }).toFormat(WALL_CLOCK),
    clock.zone,
  );

  const things = [...view.ovens.map((o) => ({ id: o.id, name: o.name })), ...view.things];
  const names =
    kind === 'away' || kind === 'longer'
      ? view.hands.map((h) => ({ id: h.id, name: h.name }))
      : kind === 'pickup'
        ? view.ladders.map((l) => ({ id: `${l.order}`, name: l.title }))
        : things;
  const named = names.find((n) => n.id === who);
  const at = (text: string) => typedTime(text, clock.zone);
  const minute = (text: string) => minuteOf(at(text).toJSDate(), clock);
  const spanned = kind === 'away' || kind === 'longer' || kind === 'closed';
  const right =
    kind === 'order'
      ? more.question !== null && !hasOrder
      : named && (!spanned || minute(until) > minute(from)) && from !== '';

  const add = () => {
    if (kind === 'order') {
      if (more.question) onSuppose({ text: say`One more: ${more.text}`, order: more.question });
      return;
    }
    if (!named) return;
    const span: Span[] = [[minute(from), minute(until)]];
    const sameDay = at(from).hasSame(at(until), 'day');
    const when = `${at(from).toFormat('ccc HH:mm')}–${at(until).toFormat(sameDay ? 'HH:mm' : 'ccc HH:mm')}`;
    const supposed: Record<Exclude<Kind, 'order'>, () => Supposed> = {
      away: () => ({ text: say`${named.name} away ${when}`, adjustment: { kind: 'away', key: who, to: span } }),
      longer: () => ({
        text: say`${named.name} works ${when} too`,
        adjustment: { kind: 'longer', key: who, to: span },
      }),
      closed: () => ({ text: say`${named.name} down ${when}`, adjustment: { kind: 'closed', key: who, to: span } }),
      more: () => ({ text: say`One more: ${named.name}`, adjustment: { kind: 'more', key: who, to: 1 } }),
      pickup: () => ({
        text: say`${named.name} at ${at(from).toFormat('ccc HH:mm')}`,
        // As it was typed: the server knows the clock changes, and says so.
        adjustment: { kind: 'order', key: who, to: { pickup: from } },
      }),
    };
    onSuppose(supposed[kind]());
  };
  return (
    <Box sx={{ display: 'grid', gap: 1.25 }}>
      <TextField
        select
        size="small"
        label={say`Suppose`}
        value={kind}
        onChange={(e) => {
          setKind(e.target.value as Kind);
          setWho('');
        }}
      >
        {KINDS.map(([key, name]) => (
          <MenuItem key={key} value={key}>
            {name}
          </MenuItem>
        ))}
      </TextField>
      {kind === 'order' ? (
        <OneMoreFields state={more} />
      ) : (
        <TextField
          select
          size="small"
          label={kind === 'pickup' ? say`Which order` : spanned && kind !== 'closed' ? say`Who` : say`Which`}
          value={who}
          onChange={(e) => setWho(e.target.value)}
        >
          {names.map((n) => (
            <MenuItem key={n.id} value={n.id}>
              {n.name}
            </MenuItem>
          ))}
        </TextField>
      )}
      {(spanned || kind === 'pickup') && (
        <Box sx={{ display: 'grid', gap: 1.25 }}>
          <WhenField
            label={kind === 'pickup' ? say`New pickup` : say`From`}
            zone={clock.zone}
            value={from}
            onChange={setFrom}
          />
          {spanned && <WhenField label={say`Until`} zone={clock.zone} value={until} onChange={setUntil} />}
        </Box>
      )}
      <Button
        variant="outlined"
        color="secondary"
        disabled={!right}
        onClick={add}
        sx={{ justifySelf: 'start' }}
      >{say`Suppose it`}</Button>
    </Box>
  );
}
