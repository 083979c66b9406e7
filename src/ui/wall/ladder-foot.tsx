import { say } from '@/core/words/say';
import { memo } from 'react';
import type { LadderView } from '@/server/ladder/ladder-view';
import { KitchenLink } from '../kitchens/kitchen-link';
import { LADDER_GAP } from '../ladder/ladder';
import { fitName } from '../ladder/fit-name';
import { TONE_SHAPES, statusText, toneOf } from '../parts/status';

/** Beside how it stands: its shape, and what opens the ladder. Pixels. */
const SIDES = 34;
/** Size of a title, and of what a part is called. Pixels. */
const [TITLE, PART] = [13, 12];

/** What stands at the foot of a ladder: whose it is, and whether it will be ready; opened, also what its parts are. */
export const LadderFoot = memo(function LadderFoot({
  ladder,
  width,
  open,
  onToggle,
}: {
  ladder: LadderView;
  /** Of one ladder. Pixels. */
  width: number;
  open: boolean;
  onToggle: (order: number) => void;
}) {
  const tone = toneOf(ladder.status);
  const title = fitName(ladder.held ? say`${ladder.title} (enquiry)` : ladder.title, width, TITLE, 2);
  return (
    <div className="zl-foot">
      {open && (
        <div className="zl-foot-parts" style={{ gap: LADDER_GAP }}>
          {[...ladder.components.map((c) => c.label), say`The cake`].map((name) => (
            <div key={name} style={{ width }} title={name}>
              {fitName(name, width, PART, 2)?.lines.map((line) => (
                <div key={line}>{line}</div>
              ))}
            </div>
          ))}
        </div>
      )}
      <KitchenLink
        href={`/orders/${ladder.order}`}
        className="zl-foot-title"
        title={`${ladder.title} · ${ladder.subtitle}`}
      >
        {title?.lines.map((line) => <span key={line}>{line} </span>) ?? ladder.title}
      </KitchenLink>
      <button
        type="button"
        className="zl-foot-open"
        onClick={() => onToggle(ladder.order)}
        aria-expanded={open}
        aria-label={say`${open ? say`Fold` : say`Open`} the ladder of ${ladder.title}`}
        title={open ? say`Fold into one ladder` : say`Open into its component ladders`}
      >
        {open ? '›‹' : '‹›'}
      </button>
      <div className="zl-foot-status" style={{ color: `var(--zl-${tone}Text)` }} title={ladder.subtitle}>
        <span aria-hidden>{TONE_SHAPES[tone]}</span> {shortStatus(ladder, width)}
      </div>
    </div>
  );
});

/** "1 h 18 to spare", or only "1 h 18" where there is no room, late or not; its shape and colour say the rest. */
function shortStatus({ status }: LadderView, width: number): string {
  const text = statusText(status);
  const fits = (t: string) => fitName(t, width - SIDES, PART, 1)?.cut === false;
  const bare = text.replace(say` to spare`, '');
  return [text, bare].find(fits) ?? bare.replace(say`late `, '');
}

/** The foot of a ladder that is a picture: its name, standing. */
export const PictureFoot = memo(function PictureFoot({ ladder, width }: { ladder: LadderView; width: number }) {
  const tone = toneOf(ladder.status);
  return (
    <KitchenLink
      href={`/orders/${ladder.order}`}
      className="zl-foot-standing"
      title={`${ladder.title}, ${statusText(ladder.status)}`}
      style={{ width, color: tone === 'holds' ? undefined : `var(--zl-${tone}Text)` }}
    >
      {ladder.title}
    </KitchenLink>
  );
});
