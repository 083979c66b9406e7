'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { durationText } from '@/core/time/duration-text';
import { showQuantity } from '@/core/measure/show-quantity';
import type { BatchesView } from '@/server/pull-list/batches';
import { acceptBatchAction, splitBatchAction } from '../actions';
import type { useAction } from '../parts/use-action';

/** Proposals shown at once; the best come first. */
const SHOWN = 4;

/** What could be made in one batch, with what it saves and costs; the lead accepts or splits. */
export function Batches({ view, action }: { view: BatchesView; action: ReturnType<typeof useAction> }) {
  if (view.proposals.length === 0 && view.accepted.length === 0) return null;
  return (
    <Box component="section" aria-label={say`Batches`} className="zl-no-print" sx={{ mb: 3 }}>
      <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 0.5 }}>{say`One batch for several`}</Box>
      {view.accepted.map((b) => (
        <Card key={b.id} edge="holds">
          <b>{b.formulaName}</b>, {showQuantity(b.grams, 'mass')} {say`in one batch`}
          <Muted>{b.members.join(' + ')}</Muted>
          {b.begun ? (
            <Muted>{say`It has been begun.`}</Muted>
          ) : (
            <Button
              size="small"
              color="secondary"
              disabled={action.busy}
              onClick={() => action.run(() => splitBatchAction(b.id))}
            >{say`Split again`}</Button>
          )}
        </Card>
      ))}
      {view.proposals.slice(0, SHOWN).map((p) => (
        <Card key={`${p.formula} ${p.members.map((m) => m.order).join()}`} edge="zest">
          <b>{p.formulaName}</b>, {showQuantity(p.grams, 'mass')}
          <Muted>{p.members.map((m) => m.name).join(' + ')}</Muted>
          <Box sx={{ fontSize: 14 }}>
            {say`saves`} {durationText(p.saves.minutes)}
            {p.saves.dishes > 0 && `, ${p.saves.dishes} ${p.saves.dishes === 1 ? say`bowl` : say`bowls`}`}
            {p.saves.eggs > 0 && `, ${p.saves.eggs} ${p.saves.eggs === 1 ? say`egg` : say`eggs`}`}
            {p.costs.age > 0 ? say` · the last is up to ${durationText(p.costs.age)} older` : say` · no older`}
          </Box>
          <Muted>{p.span}</Muted>
          <Button
            size="small"
            variant="outlined"
            color="secondary"
            disabled={action.busy}
            onClick={() => action.run(() => acceptBatchAction(p.members.map(({ order, role }) => ({ order, role }))))}
          >{say`Make one batch`}</Button>
        </Card>
      ))}
    </Box>
  );
}

function Card({ edge, children }: { edge: string; children: React.ReactNode }) {
  return (
    <Box
      sx={{
        p: 1.25,
        mb: 1,
        border: '1px solid var(--zl-line)',
        borderLeft: `6px solid var(--zl-${edge})`,
        borderRadius: 1.5,
        bgcolor: 'var(--zl-card)',
      }}
    >
      {children}
    </Box>
  );
}

function Muted({ children }: { children: React.ReactNode }) {
  return <Box sx={{ fontSize: 13.5, color: 'var(--zl-muted)' }}>{children}</Box>;
}
