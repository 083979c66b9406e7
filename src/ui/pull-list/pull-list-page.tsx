'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useRouter } from 'next/navigation';
import { timeOf, typedTime } from '@/core/time/clock';
import type { PullListView } from '@/server/pull-list/pull-list';
import { Page } from '../parts/page';
import { useReading } from '../parts/reading';
import { useAction } from '../parts/use-action';
import { Batches } from './batches';
import { DayField } from '../parts/when-fields';
import { useTicks, Tick } from './ticks';
import { Section, Time, Muted } from './list-parts';
import { Eggs } from './eggs';
import { Shopping } from './shopping';
import { useInKitchen } from '../kitchens/in-kitchen';

const SPANS = [1, 2, 3, 5, 7];

/** Everything to weigh, pull, crack and buy for a span of days, to be ticked off. */
export function PullListPage({ view }: { view: PullListView }) {
  const router = useRouter();
  const within = useInKitchen();
  const action = useAction();
  const { list, clock } = view;
  const { grams, tell } = useReading();
  const time = (m: number) => timeOf(m, clock).toFormat(view.days > 1 ? 'ccc HH:mm' : 'HH:mm');
  const go = (day: string, days: number) => router.push(within(`/pull-list?day=${day}&days=${days}`));
  const shift = (by: number) => go(typedTime(view.day, clock.zone).plus({ days: by }).toISODate()!, view.days);
  const ticks = useTicks(view.ticked, action.say);
  const left = (keys: string[]) => keys.filter((k) => !ticks.has(k)).length;
  return (
    <Page
      wide
      title={say`Pull list, ${view.title}`}
      detail={say`${left(list.tasks.map((t) => t.key))} to pull, ${left(list.weighOuts.map((w) => w.key))} to weigh`}
      actions={
        <Box className="zl-no-print" sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'flex-start' }}>
          <Button variant="outlined" color="secondary" aria-label={say`Earlier`} onClick={() => shift(-view.days)}>
            ←
          </Button>
          <DayField label={say`From`} zone={clock.zone} value={view.day} onChange={(day) => go(day, view.days)} />
          <TextField
            select
            label={say`Days`}
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
          <Button variant="outlined" color="secondary" aria-label={say`Later`} onClick={() => shift(view.days)}>
            →
          </Button>
          <Button variant="outlined" color="secondary" onClick={() => window.print()}>{say`Print`}</Button>
          <Button
            variant="contained"
            href={within(`/api/pull-list?day=${view.day}&days=${view.days}`)}
            target="_blank"
          >{say`PDF`}</Button>
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
          name={say`Take out, chill, line, soak, heat`}
          empty={say`Nothing to prepare in this span.`}
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
        <Section name={say`Weigh out`} empty={say`Nothing to weigh in this span.`} count={list.weighOuts.length}>
          {list.weighOuts.map((w) => (
            <Tick key={w.key} id={w.key} ticks={ticks} label={say`${w.formulaName} for ${w.forWhom}`}>
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
                  {w.lines.map((l, i) => (
                    <li key={`${i} ${l.ingredient}`}>
                      <b>{grams(l.grams)}</b> {l.name}
                      {l.count && ` (${l.count})`}
                      <LineNote line={l} />
                    </li>
                  ))}
                  {w.takes.map((t, i) => (
                    <li key={`made ${i}`}>
                      <b>{grams(t.grams)}</b> {say`${t.name}, made here`}
                    </li>
                  ))}
                </Box>
                {w.warns && (
                  <Box
                    sx={{ fontSize: 13.5, color: 'var(--zl-tightText)' }}
                  >{say`▲ Rounding moves a line by more than 3 %.`}</Box>
                )}
              </Box>
            </Tick>
          ))}
        </Section>
        <Box>
          <Batches view={view.batches} action={action} />
          <Eggs view={view} />
          <Shopping view={view} ticks={ticks} />
        </Box>
      </Box>
      {action.message}
    </Page>
  );
}

/** What a line says beside its weight: its use, and between what and until what sign where it is to texture or to taste. */
function LineNote({ line: { note, range } }: { line: PullListView['list']['weighOuts'][number]['lines'][number] }) {
  const { grams } = useReading();
  const said = [
    ...(note ? [note] : []),
    ...(range ? [say`${grams(range.low)} to ${grams(range.high)}, until ${range.sign}`] : []),
  ];
  return said.length > 0 ? <span style={{ color: 'var(--zl-muted)' }}>{`, ${said.join(', ')}`}</span> : null;
}
