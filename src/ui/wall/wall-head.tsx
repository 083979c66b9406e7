'use client';

import { say } from '@/core/words/say';
import Add from '@mui/icons-material/Add';
import Remove from '@mui/icons-material/Remove';
import SwapVert from '@mui/icons-material/SwapVert';
import ViewWeekOutlined from '@mui/icons-material/ViewWeekOutlined';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import type { WallView } from '@/server/wall/wall-view';
import { replanAction } from '../actions';
import { Tool } from '../parts/tool';
import { useAction } from '../parts/use-action';
import { KitchenLink } from '../kitchens/kitchen-link';
import type { FilterOption } from './filter';
import { HeadFix } from './head-fix';
import { UndoButtons } from './undo-buttons';
import { TONE_SHAPES, toneOf } from '../parts/status';
import { LOOKS, ZOOMS, type WallLook } from './wall-place';

const FilterField = dynamic(() => import('./filter-field').then((m) => m.FilterField), { ssr: false });

type Panel = 'what if' | 'load';

interface WallHeadProps {
  view: WallView;
  /** Something is being set down. */
  busy: boolean;
  look: WallLook;
  onLook: (look: WallLook) => void;
  /** The order that is looked at alone. */
  order: number | null;
  onOrder: (order: number) => void;
  /** Pixels per hour; null where all of it is fitted to the window. */
  zoom: number | null;
  onZoom: (steps: 1 | -1) => void;
  climbs: boolean;
  onTurn: () => void;
  onShow: (order: number) => void;
  /** How many things need a look, and the way to the next. */
  problems: number;
  onProblem: (steps: 1 | -1) => void;
  strips: boolean;
  onStrips: () => void;
  panel: Panel | null;
  onPanel: (panel: Panel | null) => void;
  filter: { options: FilterOption[]; chosen: string[]; onChoose: (keys: string[]) => void };
}

const LOOK_NAMES: Record<WallLook, string> = { day: say`Day`, week: say`Week`, order: say`One order` };

/** The sentence that says what to fix first, alone on its line; below it how to look at the wall, and what to do to it. */
export function WallHead(props: WallHeadProps) {
  const { view, look, onLook, zoom, onZoom, climbs, onTurn, strips, onStrips, panel, onPanel } = props;
  const { headline } = view;
  const replan = useAction();
  return (
    <header className="zl-head">
      <h1 className="zl-only-heard">{say`The wall`}</h1>
      <div className="zl-headline">
        <span role="status" className="zl-headline-words">
          <span aria-hidden style={{ color: `var(--zl-${headline.tone}Text)` }}>
            {TONE_SHAPES[headline.tone]}{' '}
          </span>
          <b>{headline.text}</b>{' '}
        </span>
        <HeadFix headline={headline} plan={view.plan} clock={view.clock} minute={view.minute} replan={replan} />
      </div>
      <div className="zl-tools">
        <div role="group" aria-label={say`How to look at it`} className="zl-looks">
          {LOOKS.map((l) => (
            <button key={l} type="button" aria-pressed={look === l} onClick={() => onLook(l)}>
              {LOOK_NAMES[l]}
            </button>
          ))}
        </div>
        {look === 'order' && (
          <select
            className="zl-order-choice"
            aria-label={say`Which order`}
            value={props.order ?? ''}
            onChange={(e) => props.onOrder(Number(e.target.value))}
          >
            {view.ladders.map((l) => (
              <option key={l.order} value={l.order}>
                {l.title}
              </option>
            ))}
          </select>
        )}
        {look !== 'order' && <ShowOnly {...props.filter} />}
        <Pinching {...props} />
        <span className="zl-tools-apart" />
        <UndoButtons edits={view.edits} busy={props.busy || replan.busy} />
        <Tool name={say`Show more days`} off={zoom === null || zoom <= ZOOMS[0]} onClick={() => onZoom(-1)}>
          <Remove />
        </Tool>
        <Tool name={say`Show more detail`} off={zoom !== null && zoom >= ZOOMS.at(-1)!} onClick={() => onZoom(1)}>
          <Add />
        </Tool>
        <Tool name={climbs ? say`Let time fall` : say`Let time climb`} onClick={onTurn}>
          <SwapVert />
        </Tool>
        <Tool
          name={strips ? say`Hide hands, ovens and cold` : say`Show hands, ovens and cold`}
          on={strips}
          onClick={onStrips}
        >
          <ViewWeekOutlined />
        </Tool>
        {(['load', 'what if'] as const).map((p) => (
          <button
            key={p}
            type="button"
            className="zl-button"
            aria-pressed={panel === p}
            onClick={() => onPanel(panel === p ? null : p)}
          >
            {p === 'load' ? say`Load` : say`What if…`}
          </button>
        ))}
        <button
          type="button"
          className="zl-button"
          disabled={replan.busy}
          onClick={() => replan.run(() => replanAction())}
        >
          {replan.busy ? say`Planning…` : say`Re-plan`}
        </button>
        <KitchenLink className="zl-button zl-main" href="/orders/new">{say`New order`}</KitchenLink>
      </div>
      {replan.message}
    </header>
  );
}

/** Shows only what has to do with something; the field for it comes when it is wanted. */
function ShowOnly(filter: WallHeadProps['filter']) {
  const [asked, setAsked] = useState(false);
  if (asked || filter.chosen.length > 0) return <FilterField {...filter} begun={asked} />;
  return (
    <button type="button" className="zl-button zl-quiet" onClick={() => setAsked(true)}>
      {say`Show only…`}
    </button>
  );
}

/** So many ladders that do not hold are named. */
const NAMED = 2;

/** How many ladders hold, and those that do not, to go there. */
function Pinching({ view, onShow, problems, onProblem }: WallHeadProps) {
  const pinching = view.ladders.filter((l) => toneOf(l.status) !== 'holds');
  return (
    <div className="zl-counts">
      <span>{say`${view.ladders.length} ladders · ${view.headline.counts.holds} hold`}</span>
      {pinching.slice(0, view.backup ? 1 : NAMED).map((l) => (
        <button
          key={l.order}
          type="button"
          onClick={() => onShow(l.order)}
          style={{ color: `var(--zl-${toneOf(l.status)}Text)` }}
        >
          {TONE_SHAPES[toneOf(l.status)]} {l.title}
        </button>
      ))}
      {view.toAgree.length > 0 && (
        <KitchenLink
          href={`/orders/${view.toAgree[0]!.order}`}
          style={{ color: view.toAgree[0]!.over ? 'var(--zl-tightText)' : 'inherit', whiteSpace: 'nowrap' }}
          title={view.toAgree.map((u) => say`${u.title}: ${u.what} by ${u.by}`).join('\n')}
        >
          <span aria-hidden>▢</span> {say`${view.toAgree.length} to agree`}
        </KitchenLink>
      )}
      {view.backup && (
        <KitchenLink
          href="/kitchen/file"
          style={{ color: 'var(--zl-missesText)', whiteSpace: 'nowrap' }}
          title={view.backup}
        >
          <span aria-hidden>■</span> {say`no backup`}
        </KitchenLink>
      )}
      {problems > 0 && (
        <button type="button" onClick={() => onProblem(1)} title={say`The next that needs a look (P)`}>
          {say`next of ${problems} ›`}
        </button>
      )}
    </div>
  );
}
