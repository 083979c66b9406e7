'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { FormulaView } from '@/server/formulas/formula-pages';
import { Page } from '../parts/page';
import { ScalingPanel } from './scaling-panel';
import { StepsView } from './steps-view';
import { useScaled } from './use-scaled';
import { WithoutPanel } from './without-panel';
import { KitchenLink } from '../kitchens/kitchen-link';
import { useInKitchen } from '../kitchens/in-kitchen';

/** One formula: ingredients at any amount, what can be done without, steps with their waits, versions. */
export function FormulaPage({ view }: { view: FormulaView }) {
  const within = useInKitchen();
  const { formula } = view;
  const scaled = useScaled(view);
  const newest = view.version === view.newest;
  return (
    <Page
      title={formula.name}
      detail={say`${formula.family} · ${formula.story} · version ${view.version}${newest ? '' : say` of ${view.newest}`}`}
      actions={
        <>
          <Button color="secondary" href={within(`/api/formulas/${formula.id}/export?as=json`)}>{say`JSON-LD`}</Button>
          <Button color="secondary" href={within(`/api/formulas/${formula.id}/export?as=csv`)}>{say`CSV`}</Button>
          <Button
            variant="outlined"
            color="secondary"
            component={KitchenLink}
            href={`/formulas/${formula.id}/edit`}
          >{say`Change`}</Button>
        </>
      }
    >
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr', md: '400px minmax(0, 1fr)' },
          gap: 4,
          alignItems: 'start',
        }}
      >
        <Box>
          <ScalingPanel view={view} scaled={scaled} />
          <Box sx={{ mt: 2.5 }}>
            <WithoutPanel view={view} scaled={scaled} />
          </Box>
          {view.usedBy.length > 0 && (
            <Box sx={{ mt: 2, color: 'var(--zl-muted)' }}>
              {say`Goes into`} {view.usedBy.join(', ')}.
            </Box>
          )}
        </Box>
        <Box>
          <StepsView formula={formula} />
          <Versions view={view} />
        </Box>
      </Box>
    </Page>
  );
}

function Versions({ view }: { view: FormulaView }) {
  return (
    <Box component="section" aria-label={say`Versions`} sx={{ mt: 3 }}>
      <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 0.5 }}>{say`Versions`}</Box>
      {view.versions.map((v) => (
        <Box key={v.version} sx={{ py: 0.5, borderBottom: '1px solid var(--zl-line)', display: 'flex', gap: 1.5 }}>
          <Box
            component={KitchenLink}
            href={`/formulas/${view.formula.id}${v.version === view.newest ? '' : `?version=${v.version}`}`}
            aria-current={v.version === view.version ? 'true' : undefined}
            sx={{ color: 'inherit', fontWeight: v.version === view.version ? 700 : 400 }}
          >
            {v.version}
          </Box>
          <Box sx={{ flex: 1 }}>{v.note || 'saved'}</Box>
          <Box sx={{ color: 'var(--zl-muted)', fontSize: 14 }}>{v.savedAt}</Box>
        </Box>
      ))}
      {view.older.map((o) => (
        <Box key={o.id} sx={{ mt: 0.75, fontSize: 14 }}>
          ▲{' '}
          <Box component={KitchenLink} href={`/orders/${o.id}`} sx={{ color: 'inherit' }}>
            {o.title}
          </Box>{' '}
          {say`is planned with version`} {o.version}.
        </Box>
      ))}
    </Box>
  );
}
