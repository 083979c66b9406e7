import { percent } from '@/core/measure/percent';
import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import { durationText } from '@/core/time/duration-text';
import type { LoadView } from '@/server/wall/load-view';
import { NotAnsweredNote } from '../asking/not-answered';
import { LOAD } from '../asking/questions';
import { useAsked } from '../asking/use-asked';
import { SidePanel } from './side-panel';
import { FULL } from '@/core/plan-reading/full';

/** What each person and each item has to carry, day by day, by the plan of this number. */
export function LoadPanel({ plan, onClose }: { plan: number; onClose: () => void }) {
  const asked = useAsked(LOAD, plan, { keepOld: true });
  const days = asked.answer?.days.length ?? 3;
  return (
    <SidePanel title={say`Load`} width={Math.min(560, 210 + 74 * days)} onClose={onClose}>
      <NotAnsweredNote asked={asked} what={say`What each carries could not be read`} />
      {asked.answer && <LoadTable view={asked.answer} />}
    </SidePanel>
  );
}

function LoadTable({ view: { days, loads, names } }: { view: LoadView }) {
  const used = loads.items.filter((i) => i.spans.some((s) => s.peak > 0));
  return (
    <Box component="table" sx={{ borderCollapse: 'collapse', fontSize: 13, width: '100%', mt: 1 }}>
      <Head title={say`Hands: work of shift`} days={days} />
      <tbody>
        {loads.people.map((p) => (
          <tr key={p.id}>
            <Name>{names[p.id]}</Name>
            {p.spans.map((s, i) => (
              <Cell
                key={days[i]!.start}
                share={s.there > 0 ? s.busy / s.there : null}
                text={s.there > 0 ? percent(s.busy / s.there) : s.busy > 0 ? durationText(s.busy) : say`off`}
                title={say`${durationText(s.busy)} of ${durationText(s.there)}`}
              />
            ))}
          </tr>
        ))}
      </tbody>
      <Head title={say`Things: most at once`} days={days} />
      <tbody>
        {used.map((item) => (
          <tr key={item.id}>
            <Name>{names[item.id]}</Name>
            {item.spans.map((s, i) => (
              <Cell
                key={days[i]!.start}
                share={s.peak > 0 && s.units > 1 ? s.peak / s.units : null}
                text={s.peak === 0 ? '–' : s.units > 1 ? say`${s.peak} of ${s.units}` : durationText(s.busy)}
                title={say`at most ${s.peak} of ${s.units} at once; in use for ${durationText(s.busy)}`}
              />
            ))}
          </tr>
        ))}
      </tbody>
    </Box>
  );
}

function Head({ title, days }: { title: string; days: LoadView['days'] }) {
  return (
    <thead>
      <tr>
        <Box component="th" scope="col" sx={{ textAlign: 'left', pt: 2, pb: 0.5, fontSize: 13.5 }}>
          {title}
        </Box>
        {days.map((d) => (
          <Box component="th" scope="col" key={d.start} sx={{ fontWeight: 700, pt: 2, pb: 0.5, minWidth: 66 }}>
            {d.label}
          </Box>
        ))}
      </tr>
    </thead>
  );
}

function Name({ children }: { children: React.ReactNode }) {
  return (
    <Box component="th" scope="row" sx={{ textAlign: 'left', fontWeight: 400, pr: 1, py: 0.25, whiteSpace: 'nowrap' }}>
      {children}
    </Box>
  );
}

/** A share with its gauge; full is said by a mark too, not by colour alone. */
function Cell({ share, text, title }: { share: number | null; text: string; title: string }) {
  const full = share !== null && share > FULL;
  return (
    <Box component="td" title={title} sx={{ py: 0.25, px: 0.5, textAlign: 'center' }}>
      <Box sx={{ fontWeight: full ? 700 : 400, color: text === '–' || text === 'off' ? 'var(--zl-muted)' : 'inherit' }}>
        {full && '▲ '}
        {text}
      </Box>
      {/* A thing that there is one of is either in use or not: only how long says something. */}
      <Box sx={{ height: 4, borderRadius: 2, bgcolor: share === null ? 'transparent' : 'var(--zl-line)' }}>
        <Box
          sx={{
            height: 4,
            borderRadius: 2,
            width: `${Math.min(100, (share ?? 0) * 100)}%`,
            bgcolor: full ? 'var(--zl-tight)' : 'var(--zl-holds)',
          }}
        />
      </Box>
    </Box>
  );
}
