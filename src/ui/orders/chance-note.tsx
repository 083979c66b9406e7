'use client';

import { say } from '@/core/words/say';
import { NotAnsweredNote } from '../asking/not-answered';
import Box from '@mui/material/Box';
import { durationText } from '@/core/time/duration-text';
import { KitchenLink } from '../kitchens/kitchen-link';
import { counted } from '@/core/measure/counted';
import { lateDays, listed, shareOfDays, stepSaid } from './chance-words';
import { useChances } from '../parts/use-chances';
import { useMinute } from '../parts/use-minute';

/** Rungs that are named, and the least share of the late days that makes one worth naming. */
const NAMED = 3;
const LEAST_SHARE = 0.1;
/** Ready less often than this, and with so many minutes unused, what to do about it is said. */
const OFTEN = 0.8;
const UNUSED = 30;

/** How likely the order is ready in time, what decides it, and where a little slack would help most. */
export function ChanceNote({
  order,
  plan,
  minute,
  spare = null,
}: {
  order: number;
  plan: number;
  minute: number;
  /** Minutes that the order could be ready earlier, which its plan leaves unused. */
  spare?: number | null;
}) {
  const { chances, days, old, asked } = useChances(plan, useMinute(minute));
  const chance = chances.get(order);
  if (!chance) return <NotAnsweredNote asked={asked} what={say`How likely it is could not be reckoned`} />;
  const deciding = chance.deciding.filter((d) => d.share >= LEAST_SHARE).slice(0, NAMED);
  const mostly = chance.chance < 1 && deciding.length > 0 ? say`, mostly because of ${listed(deciding)}` : '';
  return (
    <Box sx={{ fontSize: 14, mt: 0.5, opacity: old ? 0.7 : 1 }}>
      {old && <b>{say`Being reckoned anew; before it was:`} </b>}
      <b>{lateDays(chance.chance)}</b>
      {mostly}.
      {chance.helps && chance.helps.share >= LEAST_SHARE && (
        <>
          {' '}
          {say`Ten minutes more before`} {stepSaid(chance.helps)} {say`would save`} {shareOfDays(chance.helps.share)}.
        </>
      )}
      {chance.chance < OFTEN && spare !== null && spare >= UNUSED && (
        <>
          {' '}
          {say`This plan begins it as late as it may: ${durationText(spare)} are unused. Set its last rungs down earlier, or let the kitchen keep minutes free:`}{' '}
          <KitchenLink href="/kitchen/how" style={{ color: 'inherit' }}>{say`How we do it`}</KitchenLink>.
        </>
      )}
      <Box sx={{ color: 'var(--zl-muted)', fontSize: 13 }}>
        {say`Reckoned from ${days} days that are lived by this plan`}
        {chance.learned > 0
          ? say`, ${counted(chance.learned, 'step')} as long as they took here before, all others`
          : say`, steps`}{' '}
        {say`between their shortest and longest time. Ten minutes late is not late.`}
      </Box>
    </Box>
  );
}
