'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { FormulaView } from '@/server/formulas/formula-pages';
import { Page } from '../parts/page';
import { useReading } from '../parts/reading';
import { LineSaid, ScalingPanel } from './scaling-panel';
import { StepsView } from './steps-view';
import { useScaled } from './use-scaled';

/** One batch of a formula on paper: weighed out with boxes to tick, its steps with their checks and cautions. The amount is chosen on the screen. */
export function BatchSheet({ view }: { view: FormulaView }) {
  const { formula } = view;
  const { grams } = useReading();
  const scaled = useScaled(view);
  const { known } = scaled;
  return (
    <Page
      title={formula.name}
      detail={say`${grams(scaled.yield)} · ${formula.family} · version ${view.version}`}
      actions={
        <Button className="zl-no-print" variant="contained" onClick={() => window.print()}>
          {say`Print`}
        </Button>
      }
    >
      <Box className="zl-no-print" sx={{ maxWidth: 460, mb: 3 }}>
        <ScalingPanel view={view} scaled={scaled} />
      </Box>
      <Box component="section" aria-label={say`Weigh out`} sx={{ mb: 2 }}>
        <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 0.5 }}>{say`Weigh out`}</Box>
        <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0, columns: { xs: 1, sm: 2 }, columnGap: 4 }}>
          {scaled.rounded.lines.map((l, i) => (
            <SheetLine key={`${i} ${l.ingredient}`} amount={grams(l.grams)}>
              {known.get(l.ingredient)?.name ?? l.ingredient}
              {l.count && ` (${l.count})`}
              <LineSaid line={l} />
            </SheetLine>
          ))}
          {scaled.parts.map((p, i) => (
            <SheetLine key={`part ${i}`} amount={grams(p.grams)}>
              {say`${view.formulas[p.formula] ?? p.formula}, made here`}
            </SheetLine>
          ))}
        </Box>
      </Box>
      <StepsView formula={formula} />
    </Page>
  );
}

function SheetLine({ amount, children }: { amount: string; children: React.ReactNode }) {
  return (
    <Box
      component="li"
      sx={{ display: 'flex', gap: 1, py: 0.5, borderBottom: '1px solid var(--zl-line)', breakInside: 'avoid' }}
    >
      <Box
        aria-hidden
        sx={{
          width: 14,
          height: 14,
          border: '1.5px solid var(--zl-ink)',
          borderRadius: '2px',
          mt: 0.4,
          flex: '0 0 auto',
        }}
      />
      <b style={{ minWidth: 72, textAlign: 'right' }}>{amount}</b>
      <span>{children}</span>
    </Box>
  );
}
