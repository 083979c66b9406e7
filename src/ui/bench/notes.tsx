'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import type { BenchStep } from '@/server/bench/bench-reader';

/** What has to be seen to before a step: what is due first. */
export function Prepare({ step, minute, time }: { step: BenchStep; minute: number; time: (m: number) => string }) {
  if (step.prepare.length === 0) return null;
  return (
    <Box component="ul" aria-label={say`Before it begins`} sx={{ m: 0, mt: 1.75, p: 0, listStyle: 'none' }}>
      {[...step.prepare]
        .sort((a, b) => a.at - b.at)
        .map((p) => (
          <Box key={p.text} component="li" sx={{ display: 'flex', gap: 1.5, fontWeight: p.at <= minute ? 700 : 400 }}>
            <Box sx={{ width: 76, flex: '0 0 auto' }}>{p.at <= minute ? say`by now` : time(p.at)}</Box>
            <span>{p.text}</span>
          </Box>
        ))}
    </Box>
  );
}

/** The reminder whose time has come, loud; and the next one. */
export function Reminders({
  list,
  minute,
  time,
}: {
  list: { at: number; text: string }[];
  minute: number;
  time: (m: number) => string;
}) {
  const now = list.findLast((r) => r.at <= minute);
  const next = list.find((r) => r.at > minute);
  if (!now && !next) return null;
  return (
    <Box sx={{ mt: 1.5 }}>
      {now && (
        <Box role="status" sx={{ fontWeight: 700, fontSize: 24 }}>
          {time(now.at)}: {now.text}
        </Box>
      )}
      {next && (
        <Box sx={{ color: 'var(--zl-muted)', fontSize: 17 }}>
          {say`at`} {time(next.at)}: {next.text}
        </Box>
      )}
    </Box>
  );
}
