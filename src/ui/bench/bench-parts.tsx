'use client';

import Box from '@mui/material/Box';
import type { BenchStep } from '@/server/bench/bench-reader';
import { headingFont } from '../theme/theme';

/** One of the things that are read first: how much, until when. Several things stand one under the other. */
export function Card({ name, text, detail }: { name: string; text: string; detail: string }) {
  const lines = text.split(' · ');
  return (
    <Box sx={{ p: 2, border: '2px solid var(--zl-line)', borderRadius: 2, bgcolor: 'var(--zl-card)', minWidth: 0 }}>
      <Box sx={{ color: 'var(--zl-muted)', fontSize: 17 }}>{name}</Box>
      <Box
        sx={{
          fontFamily: headingFont,
          fontWeight: 700,
          fontSize: Math.max(...lines.map((l) => l.length)) > 34 || lines.length > 3 ? 23 : lines.length > 1 ? 27 : 32,
          lineHeight: 1.2,
          overflowWrap: 'anywhere',
        }}
      >
        {lines.map((line, i) => (
          <div key={i}>{line}</div>
        ))}
      </Box>
      {detail && <Box sx={{ fontSize: 17, mt: 0.5 }}>{detail}</Box>}
    </Box>
  );
}

/** A step that comes after what is under way. */
export function Then({ step, today, time }: { step: BenchStep; today: string; time: (m: number) => string }) {
  return (
    <Box sx={{ display: 'flex', gap: 2, py: 1.5, borderBottom: '2px solid var(--zl-line)', alignItems: 'center' }}>
      <Box
        sx={{ width: 96, flex: '0 0 auto', fontFamily: headingFont, fontWeight: 700, fontSize: 24, lineHeight: 1.1 }}
      >
        {time(step.start)}
        {step.day !== today && <Box sx={{ fontSize: 15, fontWeight: 400, color: 'var(--zl-muted)' }}>{step.day}</Box>}
      </Box>
      <Box
        aria-hidden
        sx={{ width: 14, alignSelf: 'stretch', borderRadius: 1, bgcolor: 'var(--zl-zest)', flex: '0 0 auto' }}
      />
      <Box sx={{ minWidth: 0 }}>
        <Box sx={{ fontWeight: 700, fontSize: 22 }}>{step.name}</Box>
        <Box sx={{ color: 'var(--zl-muted)', fontSize: 17 }}>
          {step.order}
          {step.hurry && ` · ${step.hurry.replace(/^N/, 'n')}`}
        </Box>
      </Box>
    </Box>
  );
}

/** A band of the bench under its name. */
export function Section({ name, children }: { name: string; children: React.ReactNode }) {
  return (
    <Box component="section" sx={{ mt: 3.5 }}>
      <Label>{name}</Label>
      {children}
    </Box>
  );
}

/** What a band is called. */
export function Label({ children }: { children: React.ReactNode }) {
  return <Box sx={{ fontWeight: 700, color: 'var(--zl-muted)', fontSize: 17, mb: 0.5 }}>{children}</Box>;
}
