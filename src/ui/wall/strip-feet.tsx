import { say, term } from '@/core/words/say';
import Box from '@mui/material/Box';
import { durationText } from '@/core/time/duration-text';
import type { HandLoad } from '@/core/plan-reading/loads';
import type { WallView } from '@/server/wall/wall-view';
import { HAND, OVEN, STORE, GAP } from './strip-sizes';

/** The feet of the strips: whose hands, which oven, what cold. */
export function StripFeet({
  view,
  person,
  onPerson,
}: {
  view: Pick<WallView, 'hands' | 'ovens' | 'stores' | 'load'>;
  person: string | null;
  onPerson: (id: string | null) => void;
}) {
  return (
    <Box sx={{ display: 'flex', gap: `${GAP}px`, px: 1.25, pt: 0.75, alignItems: 'flex-start' }}>
      {view.hands.map((h) => (
        <Box
          key={h.id}
          component="button"
          type="button"
          title={h.name}
          aria-label={say`Light up the rungs of ${h.name}`}
          aria-pressed={person === h.id}
          onClick={() => onPerson(person === h.id ? null : h.id)}
          sx={{
            width: HAND,
            height: 32,
            p: 0,
            border: 0,
            borderRadius: '13px',
            bgcolor: person === h.id ? 'var(--zl-zest)' : 'var(--zl-bar)',
            color: person === h.id ? 'var(--zl-onZest)' : 'var(--zl-barText)',
            font: 'inherit',
            fontSize: 11.5,
            fontWeight: 700,
            cursor: 'pointer',
          }}
        >
          {h.initials}
          <TodaysLoad load={view.load.loads.people.find((p) => p.id === h.id)?.spans[0]} name={h.name} />
        </Box>
      ))}
      <Box sx={{ width: 10 }} />
      {view.ovens.map((o, i) => (
        <Foot key={o.id} width={OVEN} name={say`oven ${i + 1}`} detail={say`${o.slots} slots`} title={o.name} />
      ))}
      <Box sx={{ width: 8 }} />
      {view.stores.map((s) => (
        <Foot
          key={s.kind}
          width={STORE}
          name={term(s.kind)}
          detail={say`of ${s.shelves}`}
          title={say`${term(s.kind)}: ${s.shelves} shelf places`}
        />
      ))}
    </Box>
  );
}

/** Today's work of somebody against today's shift, as a small gauge. */
function TodaysLoad({ load, name }: { load: HandLoad | undefined; name: string }) {
  if (!load || load.there === 0) return null;
  const share = load.busy / load.there;
  return (
    <Box
      component="span"
      title={say`${name} today: ${durationText(load.busy)} of ${durationText(load.there)}`}
      sx={{ display: 'block', mx: '4px', mt: '1px', height: 4, borderRadius: 2, bgcolor: 'rgb(128 128 128 / 55%)' }}
    >
      <Box
        component="span"
        sx={{
          display: 'block',
          height: 4,
          borderRadius: 2,
          width: `${Math.min(100, share * 100)}%`,
          bgcolor: share > 0.9 ? 'var(--zl-misses)' : 'var(--zl-holds)',
        }}
      />
    </Box>
  );
}

function Foot({ width, name, detail, title }: { width: number; name: string; detail: string; title: string }) {
  return (
    <Box title={title} sx={{ width, fontSize: 11, lineHeight: '14px', textAlign: 'center', color: 'var(--zl-muted)' }}>
      <Box sx={{ fontWeight: 700, color: 'var(--zl-ink)' }}>{name}</Box>
      {detail}
    </Box>
  );
}
