import { say } from '@/core/words/say';
import { orderId } from '@/core/ids/ids';
import Box from '@mui/material/Box';
import { durationText } from '@/core/time/duration-text';
import { timeOf, type Clock } from '@/core/time/clock';
import type { PlanTotals } from '@/core/plan-reading/compare-plans';
import type { TrialView } from '@/server/wall/what-if';

/** Moved rungs that are told one by one. */
const TOLD = 14;

const ROWS: { name: string; of: (t: PlanTotals) => number; text: (n: number) => string; better: 'more' | 'less' }[] = [
  { name: say`Ready in time`, of: (t) => t.onTime, text: String, better: 'more' },
  { name: say`Late`, of: (t) => t.late, text: String, better: 'less' },
  { name: say`Without a place`, of: (t) => t.leftOut, text: String, better: 'less' },
  { name: say`Minutes late`, of: (t) => t.lateMinutes, text: minutes, better: 'less' },
  { name: say`Age of parts, beyond need`, of: (t) => t.ageMinutes, text: minutes, better: 'less' },
  { name: say`Work outside shifts`, of: (t) => t.overtimeMinutes, text: minutes, better: 'less' },
];

function minutes(n: number): string {
  return n === 0 ? '0' : durationText(n);
}

/** The plan and the copy side by side: what is ready, how old parts get, who moves. */
export function PlanComparison({ trial, clock }: { trial: TrialView; clock: Clock }) {
  const { comparison, names } = trial;
  const time = (m: number) => timeOf(m, clock).toFormat('ccc HH:mm');
  const who = (ids: string[]) => ids.map((p) => names[p] ?? p).join(', ');
  const titles = new Map<string, string>(trial.wall.ladders.map((l) => [orderId(l.order), l.title]));
  return (
    <Box aria-label={say`The two plans`} role="region">
      <Box
        component="table"
        sx={{ width: '100%', borderCollapse: 'collapse', fontSize: 14, '& td, & th': { py: 0.4 } }}
      >
        <thead>
          <tr>
            <th />
            <Box component="th" sx={{ textAlign: 'right' }}>{say`Now`}</Box>
            <Box component="th" sx={{ textAlign: 'right' }}>{say`What if`}</Box>
          </tr>
        </thead>
        <tbody>
          {ROWS.map((r) => {
            const [was, is] = [r.of(comparison.from), r.of(comparison.to)];
            const better = r.better === 'more' ? is > was : is < was;
            const same = r.text(is) === r.text(was);
            const tone = same ? 'ink' : better ? 'holdsText' : 'missesText';
            return (
              <Box component="tr" key={r.name} sx={{ borderTop: '1px solid var(--zl-line)' }}>
                <Box component="th" scope="row" sx={{ textAlign: 'left', fontWeight: 400 }}>
                  {r.name}
                </Box>
                <Box component="td" sx={{ textAlign: 'right', whiteSpace: 'nowrap' }}>
                  {r.text(was)}
                </Box>
                <Box
                  component="td"
                  sx={{ textAlign: 'right', whiteSpace: 'nowrap', pl: 1, fontWeight: 700, color: `var(--zl-${tone})` }}
                >
                  {!same && (better ? '● ' : '■ ')}
                  {r.text(is)}
                </Box>
              </Box>
            );
          })}
        </tbody>
      </Box>
      {comparison.orders.length > 0 && (
        <Box component="ul" sx={{ m: 0, mt: 1.5, pl: 0, listStyle: 'none' }}>
          {comparison.orders.map((o) => (
            <li key={o.order}>
              <b>{o.name}</b>: {lateText(o.from)} → {lateText(o.to)}
            </li>
          ))}
        </Box>
      )}
      <Box sx={{ mt: 1.5, fontWeight: 700 }}>
        {comparison.moved.length === 0
          ? say`No rung moves.`
          : `${comparison.moved.length} ${comparison.moved.length === 1 ? say`rung changes` : say`rungs change`}`}
      </Box>
      <Box component="ul" sx={{ m: 0, pl: 0, listStyle: 'none', fontSize: 13.5 }}>
        {comparison.moved.slice(0, TOLD).map((m) => (
          <Box component="li" key={m.step} sx={{ py: 0.4, borderTop: '1px solid var(--zl-line)' }}>
            <b>{m.name}</b>
            {titles.has(m.order ?? '') && `, ${titles.get(m.order ?? '')}`}
            <Box sx={{ color: 'var(--zl-muted)' }}>
              {m.from ? `${time(m.from.start)} ${who(m.from.people)}` : say`not there`} →{' '}
              {m.to ? `${time(m.to.start)} ${who(m.to.people)}` : say`not there`}
            </Box>
          </Box>
        ))}
      </Box>
      {comparison.moved.length > TOLD && (
        <Box sx={{ fontSize: 13.5 }}>
          {say`and`} {comparison.moved.length - TOLD} {say`more`}
        </Box>
      )}
    </Box>
  );
}

function lateText(late: number | null): string {
  if (late === null) return say`no place`;
  return late > 0 ? say`${durationText(late)} late` : say`on time`;
}
