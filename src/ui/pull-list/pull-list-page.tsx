'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { DateTime } from 'luxon';
import { useRouter } from 'next/navigation';
import { useOptimistic, useTransition, type ReactNode } from 'react';
import { timeOf } from '@/core/time/clock';
import type { PullListView } from '@/server/pull-list/pull-list';
import { tickAction } from '../actions';
import { Page } from '../parts/page';
import { useReading } from '../parts/reading';
import { useAction } from '../parts/use-action';
import { Batches } from './batches';

const SPANS = [1, 2, 3, 5, 7];

/** Everything to weigh, pull, crack and buy for a span of days, to be ticked off. */
export function PullListPage({ view }: { view: PullListView }) {
  const router = useRouter();
  const action = useAction();
  const { list, clock } = view;
  const { grams, tell } = useReading();
  const time = (m: number) => timeOf(m, clock).toFormat(view.days > 1 ? 'ccc HH:mm' : 'HH:mm');
  const go = (day: string, days: number) => router.push(`/pull-list?day=${day}&days=${days}`);
  const shift = (by: number) => go(DateTime.fromISO(view.day).plus({ days: by }).toISODate()!, view.days);
  const ticks = useTicks(view.ticked, action.say);
  const left = (keys: string[]) => keys.filter((k) => !ticks.has(k)).length;
  return (
    <Page
      wide
      title={`Pull list, ${view.title}`}
      detail={`${left(list.tasks.map((t) => t.key))} to pull, ${left(list.weighOuts.map((w) => w.key))} to weigh`}
      actions={
        <Box className="zl-no-print" sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'flex-start' }}>
          <Button variant="outlined" color="secondary" aria-label="Earlier" onClick={() => shift(-view.days)}>
            ←
          </Button>
          <TextField
            type="date"
            label="From"
            value={view.day}
            onChange={(e) => e.target.value && go(e.target.value, view.days)}
            slotProps={{ inputLabel: { shrink: true } }}
            sx={{ width: 160 }}
          />
          <TextField
            select
            label="Days"
            value={view.days}
            onChange={(e) => go(view.day, Number(e.target.value))}
            sx={{ width: 84 }}
          >
            {[...new Set([...SPANS, view.days])]
              .sort((a, b) => a - b)
              .map((d) => (
                <MenuItem key={d} value={d}>
                  {d}
                </MenuItem>
              ))}
          </TextField>
          <Button variant="outlined" color="secondary" aria-label="Later" onClick={() => shift(view.days)}>
            →
          </Button>
          <Button variant="outlined" color="secondary" onClick={() => window.print()}>
            Print
          </Button>
          <Button variant="contained" href={`/api/pull-list?day=${view.day}&days=${view.days}`} target="_blank">
            PDF
          </Button>
        </Box>
      }
    >
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr', lg: 'minmax(0, 1fr) minmax(0, 1.25fr) 330px' },
          gap: 3,
          alignItems: 'start',
        }}
      >
        <Section
          name="Take out, chill, line, soak, heat"
          empty="Nothing to prepare in this span."
          count={list.tasks.length}
        >
          {list.tasks.map((t) => (
            <Tick key={t.key} id={t.key} ticks={ticks} label={`${time(t.at)}: ${t.text}`}>
              <Time>{time(t.at)}</Time>
              <Box sx={{ flex: 1, minWidth: 0 }}>
                {tell(t.text)}
                <Muted>{[...t.steps, ...t.forWhom].join(', ')}</Muted>
              </Box>
            </Tick>
          ))}
        </Section>
        <Section name="Weigh out" empty="Nothing to weigh in this span." count={list.weighOuts.length}>
          {list.weighOuts.map((w) => (
            <Tick key={w.key} id={w.key} ticks={ticks} label={`${w.formulaName} for ${w.forWhom}`}>
              <Time>{time(w.at)}</Time>
              <Box sx={{ flex: 1, minWidth: 0 }}>
                <b>{w.formulaName}</b>, {grams(w.grams)}
                <Muted>
                  {w.forWhom}
                  {w.into && ` · ${tell(w.into)}`}
                </Muted>
                <Box
                  component="ul"
                  sx={{ m: 0, mt: 0.25, p: 0, listStyle: 'none', display: 'flex', flexWrap: 'wrap', columnGap: 2 }}
                >
                  {w.lines.map((l) => (
                    <li key={l.ingredient}>
                      <b>{grams(l.grams)}</b> {l.name}
                      {l.count && ` (${l.count})`}
                    </li>
                  ))}
                </Box>
                {w.warns && (
                  <Box sx={{ fontSize: 13.5, color: 'var(--zl-tightText)' }}>
                    ▲ Rounding moves a line by more than 3 %.
                  </Box>
                )}
              </Box>
            </Tick>
          ))}
        </Section>
        <Box>
          <Batches view={view.batches} action={action} />
          <Eggs view={view} time={time} />
          <Shopping view={view} ticks={ticks} />
        </Box>
      </Box>
      {action.message}
    </Page>
  );
}

interface Ticks {
  has: (key: string) => boolean;
  set: (key: string, ticked: boolean) => void;
}

/** Ticks at once on the screen; the server has the last word. */
function useTicks(stored: string[], say: (problem: string) => void): Ticks {
  const router = useRouter();
  const [, start] = useTransition();
  const [ticked, change] = useOptimistic(new Set(stored), (now, { key, on }: { key: string; on: boolean }) => {
    const next = new Set(now);
    if (on) next.add(key);
    else next.delete(key);
    return next;
  });
  return {
    has: (key) => ticked.has(key),
    set: (key, on) =>
      start(async () => {
        change({ key, on });
        const done = await tickAction(key, on).catch(() => null);
        if (!done?.ok) say(done?.message ?? 'The kitchen’s server did not answer: this line is not ticked off yet.');
        router.refresh();
      }),
  };
}

function Section({
  name,
  empty,
  count,
  children,
}: {
  name: string;
  empty: string;
  count: number;
  children: ReactNode;
}) {
  return (
    <Box component="section" aria-label={name}>
      <Heading>{name}</Heading>
      {count === 0 ? <Box sx={{ color: 'var(--zl-muted)' }}>{empty}</Box> : children}
    </Box>
  );
}

function Heading({ children }: { children: ReactNode }) {
  return (
    <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 0.5 }}>
      {children}
    </Box>
  );
}

function Tick({ id, ticks, label, children }: { id: string; ticks: Ticks; label: string; children: ReactNode }) {
  const on = ticks.has(id);
  return (
    <Box
      component="label"
      sx={{
        display: 'flex',
        gap: 1,
        alignItems: 'flex-start',
        borderBottom: '1px solid var(--zl-line)',
        py: 0.5,
        cursor: 'pointer',
        breakInside: 'avoid',
        color: on ? 'var(--zl-muted)' : 'inherit',
        textDecoration: on ? 'line-through' : 'none',
      }}
    >
      <Checkbox
        checked={on}
        onChange={(_, to) => ticks.set(id, to)}
        slotProps={{ input: { 'aria-label': label } }}
        sx={{ p: 0.75 }}
      />
      <Box sx={{ display: 'flex', gap: 1, flex: 1, minWidth: 0, pt: 0.75 }}>{children}</Box>
    </Box>
  );
}

function Time({ children }: { children: ReactNode }) {
  return <Box sx={{ fontWeight: 700, minWidth: 48, whiteSpace: 'nowrap' }}>{children}</Box>;
}

function Muted({ children }: { children: ReactNode }) {
  return <Box sx={{ fontSize: 13.5, color: 'var(--zl-muted)' }}>{children}</Box>;
}

function Eggs({ view, time }: { view: PullListView; time: (m: number) => string }) {
  const { eggs } = view.list;
  const { grams } = useReading();
  if (eggs.crack === 0) return null;
  return (
    <Box component="section" aria-label="Egg ledger" sx={{ mb: 3 }}>
      <Heading>Egg ledger</Heading>
      <Box sx={{ fontSize: 20, fontWeight: 700 }}>
        Crack {eggs.crack} eggs{' '}
        <Box component="span" sx={{ fontSize: 14, fontWeight: 400, color: 'var(--zl-muted)' }}>
          of {eggs.eggWeight} g
        </Box>
      </Box>
      <Box
        component="table"
        sx={{
          width: '100%',
          borderCollapse: 'collapse',
          '& td, & th': { py: 0.4, borderBottom: '1px solid var(--zl-line)', textAlign: 'right' },
          '& th:first-of-type': { textAlign: 'left' },
        }}
      >
        <thead>
          <tr>
            <th />
            <th>wanted</th>
            <th>over</th>
          </tr>
        </thead>
        <tbody>
          <tr>
            <th>beaten</th>
            <td>{grams(eggs.whole)}</td>
            <td>–</td>
          </tr>
          <tr>
            <th>whites</th>
            <td>{grams(eggs.whites)}</td>
            <td>{grams(Math.max(0, eggs.left.whites))}</td>
          </tr>
          <tr>
            <th>yolks</th>
            <td>{grams(eggs.yolks)}</td>
            <td>{grams(Math.max(0, eggs.left.yolks))}</td>
          </tr>
        </tbody>
      </Box>
      {eggs.canUse.slice(0, 4).map((u) => (
        <Muted key={`${u.part} ${u.by}`}>
          {u.part === 'white' ? 'Whites' : 'Yolks'}: {grams(u.grams)} wanted {time(u.at)} for {u.by}
        </Muted>
      ))}
      <Muted>Whites keep 3 days cold, yolks 2, covered and dated; the local rule comes first.</Muted>
    </Box>
  );
}

function Shopping({ view, ticks }: { view: PullListView; ticks: Ticks }) {
  const { grams } = useReading();
  const buys = view.list.shopping.filter((g) => g.lines.some((l) => l.buy > 0));
  return (
    <Box component="section" aria-label="To buy">
      <Heading>To buy</Heading>
      {view.list.weighOuts.length > 0 && buys.length === 0 && (
        <Muted>Nothing: the house has enough of everything.</Muted>
      )}
      {buys.map((g) => (
        <Box key={g.supplier} sx={{ mb: 1.5 }}>
          <Box sx={{ fontWeight: 700, color: 'var(--zl-muted)' }}>{g.supplier}</Box>
          {g.lines
            .filter((l) => l.buy > 0)
            .map((l) => (
              <Tick
                key={l.ingredient}
                id={`buy ${view.day} ${l.ingredient} ${Math.round(l.buy)}`}
                ticks={ticks}
                label={`Buy ${l.name}`}
              >
                <Box sx={{ flex: 1 }}>
                  {l.name}
                  <Muted>
                    {l.note ? `${l.note}, ` : ''}
                    {grams(l.needed)} wanted, {grams(l.stock)} in the house
                  </Muted>
                </Box>
                <b>{grams(l.buy)}</b>
              </Tick>
            ))}
        </Box>
      ))}
    </Box>
  );
}
