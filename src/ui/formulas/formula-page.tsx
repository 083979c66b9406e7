'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { FormulaView } from '@/server/formulas/formula-pages';
import { retireFormulaAction } from '../actions';
import { useAction } from '../parts/use-action';
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
  const action = useAction();
  return (
    <Page
      title={formula.name}
      detail={say`${formula.family} · ${formula.story} · version ${view.version}${newest ? '' : say` of ${view.newest}`}`}
      actions={
        <>
          <Button color="secondary" href={within(`/api/formulas/${formula.id}/export?as=json`)}>{say`JSON-LD`}</Button>
          <Button color="secondary" href={within(`/api/formulas/${formula.id}/export?as=csv`)}>{say`CSV`}</Button>
          <Button color="secondary" component={KitchenLink} href={`/formulas/${formula.id}/sheet`}>
            {say`Batch sheet`}
          </Button>
          <Button
            color="secondary"
            component={KitchenLink}
            href={`/formulas/new?copy=${formula.id}`}
          >{say`Copy`}</Button>
          {newest && (
            <Button
              color="secondary"
              disabled={action.busy}
              onClick={() => action.run(() => retireFormulaAction(formula.id, view.newest, !formula.retired))}
            >
              {formula.retired ? say`Use it again` : say`Take it out of use`}
            </Button>
          )}
          <Button
            variant="outlined"
            color="secondary"
            component={KitchenLink}
            href={`/formulas/${formula.id}/edit`}
          >{say`Change`}</Button>
        </>
      }
    >
      {formula.retired && (
        <Box role="status" sx={{ mb: 2, p: 1, bgcolor: 'var(--zl-tightBack)' }}>
          {say`It is out of use: it is not offered any more. What is made with it stays as it is.`}
        </Box>
      )}
      {!newest && <Differences view={view} />}
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
          {view.goesInto.length > 0 && (
            <Box sx={{ mt: 2, color: 'var(--zl-muted)' }}>
              {say`Goes into other formulas:`}{' '}
              {view.goesInto.map((f, i) => (
                <span key={f.id}>
                  {i > 0 && ', '}
                  <KitchenLink href={`/formulas/${f.id}`} style={{ color: 'inherit' }}>
                    {f.name}
                  </KitchenLink>
                </span>
              ))}
              .
            </Box>
          )}
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
      {action.message}
    </Page>
  );
}

/** What the newest version says otherwise, side by side. */
function Differences({ view }: { view: FormulaView }) {
  return (
    <Box component="section" aria-label={say`What is different`} sx={{ mb: 3, overflowX: 'auto' }}>
      <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 0.5 }}>{say`What is different`}</Box>
      {view.differences.length === 0 ? (
        <p>{say`Nothing: both say the same.`}</p>
      ) : (
        <Box
          component="table"
          sx={{
            ...{ borderCollapse: 'collapse', width: '100%', maxWidth: 980 },
            '& td, & th': {
              textAlign: 'left',
              verticalAlign: 'top',
              p: 0.75,
              borderBottom: '1px solid var(--zl-line)',
            },
          }}
        >
          <thead>
            <tr>
              <th scope="col">{say`What`}</th>
              <th scope="col">{say`Version ${view.version}`}</th>
              <th scope="col">{say`Version ${view.newest}, the newest`}</th>
            </tr>
          </thead>
          <tbody>
            {view.differences.map((d) => (
              <tr key={d.what}>
                <th scope="row">{d.what}</th>
                <td>{d.was || '–'}</td>
                <td>{d.is || '–'}</td>
              </tr>
            ))}
          </tbody>
        </Box>
      )}
    </Box>
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
