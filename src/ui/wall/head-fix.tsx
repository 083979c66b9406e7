'use client';

import { say } from '@/core/words/say';
import dynamic from 'next/dynamic';
import type { Clock } from '@/core/time/clock';
import type { Headline } from '@/server/wall/headline';
import { replanAction, takeOverAction } from '../actions';
import type { useAction } from '../parts/use-action';
import { useAction as useOwnAction } from '../parts/use-action';
import { PLAN_STANDS, useSettled } from '../asking/use-settled';
import { useHelp } from '../parts/use-help';
import { KitchenLink } from '../kitchens/kitchen-link';

const UseAnyway = dynamic(() => import('../parts/use-anyway').then((m) => m.UseAnyway), { ssr: false });

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
  const settled = useSettled(plan, PLAN_STANDS);
  const { answer, problem } = useHelp(late, settled);
  const help = settled === plan ? answer : undefined;
  const take = useOwnAction();
  if (!fix) return null;
  if ('replan' in fix)
    return (
      <button
        type="button"
        className="zl-button zl-main"
        disabled={replan.busy}
        onClick={() => replan.run(() => replanAction())}
      >
        {fix.label}
      </button>
    );
  const best = help?.remedies[0];
  // It ends with a word, whatever comes of it.
  const ended =
    problem ?? (help === undefined || best?.works ? null : say`Nothing that was tried would make it on time.`);
  if (!best?.works)
    return (
      <>
        {fix.useAnyway !== undefined && <UseAnyway step={fix.useAnyway} clock={clock} minute={minute} />}
        {late !== null && ended && <span className="zl-fix-words">{ended}</span>}
        <KitchenLink href={`/orders/${fix.order}${late === null ? '' : '#help'}`} className="zl-button zl-main">
          {late !== null && !ended ? say`Trying what would help…` : fix.label}
        </KitchenLink>
      </>
    );
  return (
    <>
      <span className="zl-fix-words">
        {best.label} → {best.outcome}.
      </span>
      <button
        type="button"
        className="zl-button zl-main"
        disabled={take.busy}
        onClick={() => take.run(() => takeOverAction(best.trial))}
      >
        {take.busy ? say`Planning…` : say`Do this`}
      </button>
      <KitchenLink href={`/orders/${fix.order}#help`} className="zl-link">{say`What else?`}</KitchenLink>
      {take.message}
    </>
  );
}
