'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Link from '@mui/material/Link';
import type { Clock } from '@/core/time/clock';
import type { Headline } from '@/server/wall/headline';
import { replanAction, takeOverAction } from '../actions';
import type { useAction } from '../parts/use-action';
import { useAction as useOwnAction } from '../parts/use-action';
import { UseAnyway } from '../parts/use-anyway';
import { useHelp } from '../parts/use-help';
import { KitchenLink } from '../kitchens/kitchen-link';

/** The fix for what pinches most: for a late order the most useful remedy that was tried, one tap away. */
export function HeadFix({
  headline,
  plan,
  clock,
  minute,
  replan,
}: {
  headline: Headline;
  plan: number;
  clock: Clock;
  minute: number;
  replan: ReturnType<typeof useAction>;
}) {
  const { fix } = headline;
  const late = fix && 'order' in fix && fix.help ? fix.order : null;
  const { answer: help, problem } = useHelp(late, plan);
  const take = useOwnAction();
  if (!fix) return null;
  if ('replan' in fix)
    return (
      <Button
        size="small"
        variant="contained"
        disabled={replan.busy}
        onClick={() => replan.run(() => replanAction())}
        sx={SMALL}
      >
        {fix.label}
      </Button>
    );
  const best = help?.remedies[0];
  if (!best?.works)
    return (
      <>
        {fix.useAnyway !== undefined && <UseAnyway step={fix.useAnyway} clock={clock} minute={minute} />}
        <Button
          component={KitchenLink}
          href={`/orders/${fix.order}${late === null ? '' : '#help'}`}
          size="small"
          variant="contained"
          sx={SMALL}
        >
          {late !== null && help === undefined && problem === null ? say`Trying what would help…` : fix.label}
        </Button>
      </>
    );
  return (
    <Box component="span">
      {best.label} → {best.outcome}.
      <Button
        size="small"
        variant="contained"
        disabled={take.busy}
        onClick={() => take.run(() => takeOverAction(best.trial))}
        sx={SMALL}
      >{say`Do this`}</Button>
      <Link
        component={KitchenLink}
        href={`/orders/${fix.order}#help`}
        sx={{ ml: 1, whiteSpace: 'nowrap' }}
      >{say`What else?`}</Link>
      {take.message}
    </Box>
  );
}

const SMALL = { ml: 0.75, minHeight: 30, py: 0 };
