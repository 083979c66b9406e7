'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import type { ChangeLine } from '@/server/kitchen/changes';
import type { KitchenSections } from '@/server/kitchen/kitchen-sections';
import { WhoField } from './who-field';
import { Page } from '../parts/page';
import { usePutBack } from './use-put-back';

/** What was changed about the kitchen, the newest first; each change of an entry can be put back. */
export function ChangesSection({ lines, team }: { lines: ChangeLine[]; team: KitchenSections['team'] }) {
  const action = usePutBack();
  return (
    <Page
      title={say`What was changed`}
      detail={say`The last hundred changes of people, things, figures and formulas. Nothing is deleted.`}
    >
      <WhoField team={team} />
      {lines.length === 0 && <p>{say`Nothing yet.`}</p>}
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {lines.map((l) => (
          <Box
            component="li"
            key={l.event}
            sx={{
              display: 'flex',
              gap: 1.5,
              alignItems: 'flex-start',
              py: 1,
              borderBottom: '1px solid var(--zl-line)',
              flexWrap: 'wrap',
            }}
          >
            <Box sx={{ width: 150, color: 'var(--zl-muted)' }}>
              {l.when}
              {l.by !== null && <div>{l.by}</div>}
            </Box>
            <Box sx={{ flex: '1 1 260px', minWidth: 0, overflowWrap: 'anywhere' }}>
              <b>{l.what}</b>
              {l.fields.map((f) => (
                <div key={f.name} style={{ fontSize: 14 }}>
                  {f.name}: {f.before === '' ? f.after : `${f.before} → ${f.after}`}
                </div>
              ))}
            </Box>
            {l.canPutBack && (
              <button
                type="button"
                className="zl-button zl-quiet"
                disabled={action.busy}
                aria-label={say`Put back: ${l.what}`}
                onClick={() => action.putBack(l.event)}
              >
                {say`Put back`}
              </button>
            )}
          </Box>
        ))}
      </Box>
      {action.message}
    </Page>
  );
}
