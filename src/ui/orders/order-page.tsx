'use client';

import { say } from '@/core/words/say';
import { counted } from '@/core/measure/counted';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import type { OrderView } from '@/server/orders/order-view';
import { bringBackAction, changePartAction, handOverAction, leaveOutAction, takeNewerRulesAction } from '../actions';
import { Cautions } from '../parts/caution';
import { Page } from '../parts/page';
import { useAction } from '../parts/use-action';
import { Buying } from './buying';
import { Fold } from '../parts/fold';
import { CutForGuests } from '../section/cut-for-guests';
import { Agreed } from './agreed';
import { CrossSection } from './cross-section';
import { TierPartsList } from './tier-parts';
import { OrderLadder } from './order-ladder';
import { PartTable } from './part-table';
import { Answer, Allergens } from './order-answer';
import { useInKitchen } from '../kitchens/in-kitchen';
import { KitchenLink } from '../kitchens/kitchen-link';
import { NewerRulesNote } from './newer-rules-note';
import { Note } from '../parts/note';

/** One order: its ladder, its answer, and what it is made of. */
export function OrderPage({ view }: { view: OrderView }) {
  const action = useAction();
  const within = useInKitchen();
  const { planned } = view;
  const left = planned?.open ?? [];
  return (
    <Page
      wide
      title={view.title}
      detail={`${view.customer} · ${view.called}, ${view.sizeName} · ${counted(view.portions, 'portion')}${view.inscription ? ` · “${view.inscription}”` : ''}`}
      actions={
        view.state === 'open' ? (
          <>
            <Button
              variant="outlined"
              color="secondary"
              href={within(`/api/orders/${view.id}/run-sheet`)}
              target="_blank"
            >{say`Run sheet (PDF)`}</Button>
            <Button
              variant="outlined"
              color="secondary"
              component={KitchenLink}
              href={`/orders/${view.id}/edit`}
            >{say`Change`}</Button>
            <Button
              variant="contained"
              disabled={action.busy || left.length > 0}
              onClick={() => action.run(() => handOverAction(view.id, view.version))}
            >{say`Hand over`}</Button>
          </>
        ) : (
          <Button
            variant="outlined"
            color="secondary"
            disabled={action.busy}
            onClick={() => action.run(() => bringBackAction(view.id, view.version))}
          >
            {view.state === 'lapsed' ? say`Take it up after all` : say`Bring back`}
          </Button>
        )
      }
    >
      <Box
        className="zl-columns"
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr', lg: 'minmax(0, 1fr) 370px' },
          gap: 3,
          alignItems: 'start',
        }}
      >
        <Box sx={{ minWidth: 0 }}>
          <Answer view={view} pickup={view.pickup} />
          {planned && <OrderLadder planned={planned} />}
        </Box>
        <Box sx={{ minWidth: 0 }}>
          <Agreed view={view} />
          <Allergens view={view} />
          <CrossSection section={view.section} />
          <Fold title={say`How it is cut`}>
            <CutForGuests {...view.cut} />
          </Fold>
          <Box component="h2" sx={{ typography: 'h2', mt: 2, mb: 0.5 }}>{say`Breakdown`}</Box>
          {view.newerRules && view.newerRules.changes.length > 0 && (
            <NewerRulesNote
              rules={view.newerRules}
              busy={action.busy}
              onTake={() => action.run(() => takeNewerRulesAction(view.id, view.version))}
            />
          )}
          {view.newer.length > 0 && view.state === 'open' && (
            <Note>
              {say`▲ There is a newer version of`}{' '}
              {view.newer.map((n) => say`${n.name} (${n.newest}, this order has ${n.has})`).join(', ')}.
              <Box sx={{ mt: 0.75 }}>
                <Button
                  size="small"
                  variant="outlined"
                  color="secondary"
                  disabled={action.busy}
                  onClick={() => action.run(() => changePartAction(view.id, view.version, { kind: 'newest formulas' }))}
                >{say`Take the newest`}</Button>
              </Box>
            </Note>
          )}
          <PartTable
            parts={view.parts}
            busy={action.busy}
            {...(view.state === 'open'
              ? { onChange: (change) => action.run(() => changePartAction(view.id, view.version, change)) }
              : {})}
          />
          <TierPartsList tiers={view.tierParts} />
          {view.leftOvers.map((l) => (
            <Box key={l} sx={{ mt: 0.75, fontSize: 14, color: 'var(--zl-muted)' }}>
              {l}
            </Box>
          ))}
          <Buying cost={view.cost} notInTime={view.planned?.notInTime ?? []} />
          {view.without.map((w) => (
            <Box key={w.role} sx={{ display: 'flex', alignItems: 'center', py: 0.5, color: 'var(--zl-muted)' }}>
              <Box sx={{ flex: 1 }}>
                {w.label}
                {say`: left out`}
              </Box>
              <Button
                size="small"
                color="secondary"
                disabled={action.busy}
                onClick={() =>
                  action.run(() =>
                    leaveOutAction(
                      view.id,
                      view.version,
                      view.without.map((x) => x.role).filter((r) => r !== w.role),
                    ),
                  )
                }
              >{say`Take it in again`}</Button>
            </Box>
          ))}
          {view.questions.length > 0 && (
            <Box sx={{ display: 'grid', gap: 1.5, mt: 2 }}>
              {view.questions.map((q) => (
                <TextField
                  key={q.key}
                  select
                  label={q.question}
                  value={q.own}
                  disabled={action.busy || view.state !== 'open'}
                  onChange={(e) =>
                    action.run(() =>
                      changePartAction(view.id, view.version, {
                        kind: 'choice',
                        key: q.key,
                        choice: e.target.value || null,
                      }),
                    )
                  }
                  slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
                >
                  <MenuItem value="">
                    {q.default
                      ? say`As the kitchen does: ${q.choices.find((c) => c.key === q.default)?.name ?? ''}`
                      : say`Left to the plan${q.taken ? `: ${q.taken}` : ''}`}
                  </MenuItem>
                  {q.choices.map((c) => (
                    <MenuItem key={c.key} value={c.key}>
                      {c.name}
                    </MenuItem>
                  ))}
                </TextField>
              ))}
            </Box>
          )}
          <Cautions texts={view.cautions} />
        </Box>
      </Box>
      {action.message}
    </Page>
  );
}
