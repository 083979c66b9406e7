import { say, term } from '@/core/words/say';
import { durationText } from '@/core/time/duration-text';
import type { HandView } from '@/server/wall/strips-view';
import type { WallView } from '@/server/wall/wall-view';
import { stripLefts, stripSizes, STRIPS_SIDE } from './strip-sizes';
import { FULL } from '@/core/plan-reading/full';

/** The feet of the strips: whose hands, which oven, what cold; and what opens and folds them. */
export function StripFeet({
  view,
  open,
  person,
  onPerson,
  onOpen,
}: {
  view: Pick<WallView, 'hands' | 'ovens' | 'stores'>;
  open: boolean;
  person: string | null;
  onPerson: (id: string | null) => void;
  onOpen: (open: boolean) => void;
}) {
  const sizes = stripSizes(open);
  const left = stripLefts(view, sizes);
  return (
    <div style={{ position: 'relative', height: 76 }}>
      {view.hands.map((h, i) => (
        <button
          key={h.id}
          type="button"
          className="zl-hand"
          title={
            h.today ? say`${h.name} today: ${durationText(h.today.busy)} of ${durationText(h.today.there)}` : h.name
          }
          aria-label={say`${h.initials}: light up the rungs of ${h.name}`}
          aria-pressed={person === h.id}
          onClick={() => onPerson(person === h.id ? null : h.id)}
          style={{ left: left.hand + i * sizes.hand, width: sizes.hand }}
        >
          {h.initials}
          <TodaysLoad today={h.today} />
        </button>
      ))}
      {view.ovens.map((o, i) => (
        <Foot
          key={o.id}
          left={left.oven + i * sizes.oven}
          width={sizes.oven}
          name={o.name}
          title={say`${o.slots} slots`}
        />
      ))}
      {view.stores.map((s, i) => (
        <Foot
          key={s.kind}
          left={left.store + i * sizes.store}
          width={sizes.store}
          name={term(s.kind)}
          title={say`${term(s.kind)}: ${s.shelves} shelf places`}
        />
      ))}
      <button
        type="button"
        className="zl-unfold"
        aria-expanded={open}
        aria-label={open ? say`Fold hands, ovens and cold` : say`Open hands, ovens and cold`}
        onClick={() => onOpen(!open)}
        style={{ left: STRIPS_SIDE }}
      >
        {open ? say`fold ›` : say`‹ open`}
      </button>
    </div>
  );
}

/** Today's work of somebody against today's shift, as a small gauge. */
function TodaysLoad({ today }: { today: HandView['today'] }) {
  if (!today) return null;
  const share = today.busy / today.there;
  return (
    <span className="zl-gauge">
      <span
        style={{
          width: `${Math.min(100, share * 100)}%`,
          background: share > FULL ? 'var(--zl-misses)' : 'var(--zl-holds)',
        }}
      />
    </span>
  );
}

function Foot({ left, width, name, title }: { left: number; width: number; name: string; title: string }) {
  return (
    <div className="zl-strip-name" title={`${name}: ${title}`} style={{ left, width: width - 2 }}>
      {name}
    </div>
  );
}
