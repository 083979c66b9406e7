'use client';

import { say, term } from '@/core/words/say';
import Box from '@mui/material/Box';
import Chip from '@mui/material/Chip';
import type { OrderView } from '@/server/orders/order-view';
import { AnswerBox } from '../parts/answer-box';
import { ChanceNote } from './chance-note';
import { UseAnyway } from '../parts/use-anyway';
import { Remedies } from './remedies';

export function Answer({ view, pickup }: { view: OrderView; pickup: string }) {
  const { planned } = view;
  if (!planned)
    return (
      <Box role="status" sx={{ mb: 2 }}>
        {view.state === 'handed over' ? say`Handed over; pickup was ${pickup}.` : say`Not planned yet.`}
      </Box>
    );
  const { status } = planned.ladder;
  const missing = planned.open.length;
  return (
    <AnswerBox status={status}>
      <Box sx={{ color: 'var(--zl-muted)', fontSize: 14 }}>
        {say`Pickup`} {pickup} ·{' '}
        {missing === 0
          ? say`all steps are done`
          : say`${missing} ${missing === 1 ? say`step` : say`steps`} to do, next: ${planned.open[0]!}`}
        {status.state !== 'ready' && planned.needs && say` · what takes longest: ${planned.needs}`}
      </Box>
      {planned.stood.map((s) => (
        <Box key={s.text} sx={{ mt: 0.5, fontWeight: 700, color: 'var(--zl-missesText)' }}>
          {s.text}.
          <UseAnyway step={s.step} clock={planned.clock} minute={planned.minute} />
        </Box>
      ))}
      {planned.usedAnyway.map((text) => (
        <Box key={text} sx={{ mt: 0.5 }}>
          {text}.
        </Box>
      ))}
      {planned.readings.map(({ text, tooFar }) => (
        <Box key={text} sx={{ mt: 0.5, ...(tooFar && { fontWeight: 700, color: 'var(--zl-missesText)' }) }}>
          {text}
        </Box>
      ))}
      {status.state === 'misses' && planned.leftOut && <Box sx={{ mt: 0.5 }}>{planned.leftOut}</Box>}
      {status.state !== 'ready' && (
        <ChanceNote
          order={view.id}
          plan={planned.plan}
          minute={planned.minute}
          spare={'spare' in status ? status.spare : null}
        />
      )}
      {status.state === 'misses' && <Remedies order={view.id} plan={planned.plan} />}
    </AnswerBox>
  );
}

export function Allergens({ view }: { view: OrderView }) {
  const clash = new Set<string>(view.avoid);
  return (
    <>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75, mb: 1 }}>
        {view.allergens.map((a) => (
          <Chip
            key={a.allergen}
            size="small"
            label={clash.has(a.allergen) ? say`■ ${term(a.allergen)}: must not` : term(a.allergen)}
            title={a.from.join(', ')}
            sx={
              clash.has(a.allergen)
                ? { bgcolor: 'var(--zl-misses)', color: '#fff' }
                : { bgcolor: 'transparent', color: 'inherit', border: '1.5px solid var(--zl-ink)' }
            }
          />
        ))}
        {view.avoid
          .filter((a) => !view.allergens.some((x) => x.allergen === a))
          .map((a) => (
            <Chip
              key={a}
              size="small"
              label={say`● without ${term(a)}, as asked`}
              sx={{ bgcolor: 'var(--zl-holds)', color: '#fff' }}
            />
          ))}
      </Box>
      {view.contacts.length > 0 && (
        <Box component="section" aria-label={say`Comes near it`} sx={{ mb: 1.5, color: 'var(--zl-tightText)' }}>
          <b>▲ {say`Comes near it`}</b>
          <Box component="ul" sx={{ m: 0, pl: 2.5, fontSize: 14 }}>
            {view.contacts.map((c) => (
              <li key={c}>{c}</li>
            ))}
          </Box>
        </Box>
      )}
    </>
  );
}
