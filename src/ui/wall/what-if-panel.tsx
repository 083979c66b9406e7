'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Chip from '@mui/material/Chip';
import LinearProgress from '@mui/material/LinearProgress';
import { useState, useTransition } from 'react';
import type { Adjustment } from '@/core/steering/plan-edit';
import type { TrialView } from '@/server/wall/what-if';
import type { WallView } from '@/server/wall/wall-view';
import { takeOverAction, tryWhatIfAction } from '../actions';
import { useAction } from '../parts/use-action';
import { PlanComparison } from './plan-comparison';
import { SidePanel } from './side-panel';
import { WhatIfFields } from './what-if-fields';
import type { Supposed } from './supposed';
import { newOrderAddress } from '../orders/new-order-address';
import { KitchenLink } from '../kitchens/kitchen-link';

/** Supposes things on a copy of the plan, compares the two, and takes the copy over or puts it away. */
export function WhatIfPanel({
  view,
  trial,
  onTrial,
  onClose,
}: {
  view: WallView;
  trial: TrialView | null;
  onTrial: (trial: TrialView | null) => void;
  onClose: () => void;
}) {
  const [supposed, setSupposed] = useState<Supposed[]>([]);
  const [problem, setProblem] = useState<string | null>(null);
  const [trying, startTrying] = useTransition();
  const take = useAction();
  const order = supposed.flatMap((s) => ('order' in s ? [s.order] : []))[0] ?? null;

  const suppose = (list: Supposed[]) => {
    setSupposed(list);
    setProblem(null);
    if (list.length === 0) return onTrial(null);
    startTrying(async () => {
      const adjustments = merged(list.flatMap((s) => ('adjustment' in s ? [s.adjustment] : [])));
      const asked = list.flatMap((s) => ('order' in s ? [s.order] : []))[0] ?? null;
      const tried = await tryWhatIfAction(adjustments, asked).catch(() => null);
      if (tried?.ok) return onTrial(tried.trial);
      onTrial(null);
      setProblem(tried?.message ?? say`The server did not answer.`);
    });
  };
  const putAway = () => {
    suppose([]);
    onClose();
  };
  return (
    <SidePanel title={say`What if…`} width={372} onClose={putAway}>
      <Box
        sx={{ color: 'var(--zl-muted)', fontSize: 14, mb: 1 }}
      >{say`On a copy: nothing of the plan changes before you take it over.`}</Box>
      <WhatIfFields view={view} hasOrder={order !== null} onSuppose={(s) => suppose([...supposed, s])} />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75, my: 1.5 }}>
        {supposed.map((s, i) => (
          <Chip
            key={`${i} ${s.text}`}
            label={s.text}
            onDelete={() => suppose(supposed.filter((_, k) => k !== i))}
            sx={{ height: 'auto', py: 0.5, '& .MuiChip-label': { whiteSpace: 'normal' } }}
          />
        ))}
      </Box>
      {trying && <LinearProgress aria-label={say`Planning a copy`} />}
      {problem && (
        <Box role="alert" sx={{ color: 'var(--zl-missesText)', fontWeight: 700 }}>
          {problem}
        </Box>
      )}
      {trial && !trying && (
        <>
          <PlanComparison trial={trial} clock={view.clock} />
          <Box
            sx={{
              display: 'flex',
              gap: 1,
              mt: 2,
              position: 'sticky',
              bottom: -16,
              py: 1.5,
              bgcolor: 'var(--zl-card)',
              borderTop: '1px solid var(--zl-line)',
            }}
          >
            {order ? (
              <Button
                variant="contained"
                component={KitchenLink}
                href={newOrderAddress(
                  { build: order.build ?? '', size: order.size ?? '', swaps: order.swaps ?? {} },
                  order,
                )}
              >{say`Write the order`}</Button>
            ) : (
              <Button
                variant="contained"
                disabled={take.busy}
                onClick={() =>
                  take.run(async () => {
                    const taken = await takeOverAction(trial.id);
                    if (taken.ok) putAway();
                    return taken;
                  })
                }
              >{say`Take it over`}</Button>
            )}
            <Button variant="outlined" color="secondary" onClick={putAway}>{say`Put it away`}</Button>
          </Box>
        </>
      )}
      {take.message}
    </SidePanel>
  );
}

/** Two adjustments for the same person or thing become one. */
function merged(adjustments: Adjustment[]): Adjustment[] {
  const byKey = new Map<string, Adjustment>();
  for (const w of adjustments) {
    const key = `${w.kind} ${w.key}`;
    const before = byKey.get(key);
    if (before && Array.isArray(before.to) && Array.isArray(w.to))
      byKey.set(key, { ...w, to: [...before.to, ...w.to] } as Adjustment);
    else byKey.set(key, w);
  }
  return [...byKey.values()];
}
