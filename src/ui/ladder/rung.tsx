import { say } from '@/core/words/say';
import { useDraggable } from '@dnd-kit/core';
import PushPin from '@mui/icons-material/PushPin';
import { styled } from '@mui/material/styles';
import type React from 'react';
import { memo } from 'react';
import type { PlacedRung } from './rung-layout';
import { NAMES_FROM } from './rung-layout';
import { RAIL_WIDTH } from './rails';

export interface RungProps {
  placed: PlacedRung;
  pixelsPerMinute: number;
  /** A lit rung stands out, the others step back; null lights all. */
  lit: boolean | null;
  label: string;
  /** Held in the hand, or moving along with the one that is. */
  moving: 'held' | 'along' | null;
  onOpen: (step: string) => void;
  /** Takes it up with the keys; absent where rungs cannot be moved. */
  onTake?: ((step: string, start: number) => void) | undefined;
}

const INSET = RAIL_WIDTH - 2;
const LINE = 13;
/** From here on a name may have several lines. Pixels. */
const TALL = 28;

/** What all rungs have in common is a class; where each lies is its own style. A wall has hundreds of them. */
const Face = styled('button')({
  position: 'absolute',
  padding: '0 5px',
  borderStyle: 'solid',
  borderRadius: 4,
  font: 'inherit',
  lineHeight: `${LINE}px`,
  fontWeight: 700,
  textAlign: 'left',
  cursor: 'pointer',
  touchAction: 'manipulation',
  overflow: 'hidden',
  display: 'flex',
  flexWrap: 'wrap',
  alignContent: 'flex-start',
  justifyContent: 'space-between',
  columnGap: 4,
  '&:hover, &:focus-visible': { zIndex: '4 !important', filter: 'brightness(1.06)' },
});

const Name = styled('span')({ minWidth: 0, maxWidth: '100%', overflow: 'hidden', textOverflow: 'ellipsis' });

/** Work for hands: wide enough to carry its name, as high as it is long. */
export const Rung = memo(function Rung(props: RungProps) {
  const { placed, pixelsPerMinute, lit, label, moving, onOpen, onTake } = props;
  const { rung, top, height, lane, of } = placed;
  const named = pixelsPerMinute >= NAMES_FROM;
  const done = rung.state === 'done';
  const marked = rung.state === 'overdue' || rung.state === 'running';
  const movable = onTake !== undefined && rung.state !== 'done' && rung.state !== 'running';
  const { setNodeRef, listeners } = useDraggable({
    id: rung.step,
    disabled: !movable,
    data: { start: rung.start, name: rung.name },
  });
  const width = `calc((100% - ${2 * INSET}px) / ${of})`;
  const own: React.CSSProperties = {
    top,
    height: Math.max(2, height - 1),
    left: `calc(${INSET}px + ${lane} * ${width})`,
    width,
    paddingTop: height < TALL ? Math.max(0, (height - LINE - 3) / 2) : 1,
    borderWidth: marked ? 2 : 1,
    borderColor: rung.state === 'overdue' ? 'var(--zl-misses)' : done ? 'var(--zl-muted)' : 'var(--zl-zestEdge)',
    backgroundColor: done ? 'var(--zl-card)' : 'var(--zl-zest)',
    color: done ? 'var(--zl-muted)' : 'var(--zl-onZest)',
    boxShadow: shadowOf(moving, rung.state === 'running'),
    opacity: lit === false ? 0.28 : 1,
    fontSize: of > 1 ? 11 : 12,
    zIndex: moving === 'held' ? 6 : moving === 'along' ? 5 : 2,
  };
  return (
    <Face
      type="button"
      title={label}
      aria-label={label}
      data-step={rung.step}
      data-state={rung.state}
      data-pinned={rung.pinned || undefined}
      ref={setNodeRef}
      style={own}
      onClick={() => onOpen(rung.step)}
      {...(movable ? listeners : {})}
      onKeyDown={(e: React.KeyboardEvent) => {
        if (!movable || e.key !== 'm' || e.ctrlKey || e.metaKey || e.altKey) return;
        e.preventDefault();
        onTake(rung.step, rung.start);
      }}
    >
      {named && (
        <>
          <Name style={height < TALL ? ONE_LINE : linesOf(height)}>
            {done && '✓ '}
            {rung.pinned && (
              <PushPin
                aria-label={say`pinned`}
                style={{ fontSize: 12, verticalAlign: '-2px', transform: 'rotate(35deg)' }}
              />
            )}
            {rung.name}
          </Name>
          {/* Where there is no room beside the name it goes to the next line, which is cut off. */}
          {of === 1 && <span style={{ fontSize: 10.5 }}>{rung.who.map((w) => w.initials).join(' ')}</span>}
        </>
      )}
    </Face>
  );
});

const ONE_LINE: React.CSSProperties = { whiteSpace: 'nowrap' };

function linesOf(height: number): React.CSSProperties {
  return {
    display: '-webkit-box',
    WebkitBoxOrient: 'vertical',
    WebkitLineClamp: Math.floor((height - 2) / LINE),
    overflowWrap: 'break-word',
    hyphens: 'auto',
  };
}

function shadowOf(moving: RungProps['moving'], running: boolean): string {
  if (moving === 'held') return '0 0 0 3px var(--zl-ink), 0 6px 16px rgb(0 0 0 / 35%)';
  if (moving === 'along') return '0 0 0 2px var(--zl-tight)';
  return running ? '0 0 0 2px var(--zl-ink)' : 'none';
}
