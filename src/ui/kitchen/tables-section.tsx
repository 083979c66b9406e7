'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { TableName } from '@/server/tables/tables';
import { useInKitchen } from '../kitchens/in-kitchen';
import { KitchenLink } from '../kitchens/kitchen-link';
import { Page } from '../parts/page';
import { TABLES } from './table-names';

/** Lists of the kitchen as tables: out into a spreadsheet, and in from one. */
export function TablesSection() {
  const within = useInKitchen();
  return (
    <Page
      title={say`Tables`}
      detail={say`Lists that a spreadsheet can read and write. What comes in is looked at line by line before anything is taken.`}
    >
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0, maxWidth: 860 }}>
        {(Object.keys(TABLES) as TableName[]).map((key) => (
          <Box
            component="li"
            key={key}
            sx={{
              ...{ display: 'grid', gap: 1, alignItems: 'center', borderTop: '1px solid var(--zl-line)', py: 1.25 },
              gridTemplateColumns: { xs: '1fr', sm: '1fr auto' },
            }}
          >
            <div>
              <h2 style={{ margin: 0, fontSize: 18 }}>{TABLES[key].name}</h2>
              <span style={{ color: 'var(--zl-muted)' }}>{TABLES[key].about}</span>
            </div>
            <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
              <Button
                variant="outlined"
                color="secondary"
                component={KitchenLink}
                href={key === 'formulas' ? '/formulas/import' : `/kitchen/tables/${key}`}
                aria-label={
                  key === 'formulas' ? say`Bring in: ${TABLES[key].name}` : say`Open the table: ${TABLES[key].name}`
                }
              >
                {key === 'formulas' ? say`Bring in` : say`Open the table`}
              </Button>
              <TableFiles table={key} within={within} />
            </Box>
          </Box>
        ))}
      </Box>
    </Page>
  );
}

/** The table as a file, and its template. */
export function TableFiles({ table, within }: { table: TableName; within: (path: string) => string }) {
  const { name } = TABLES[table];
  return (
    <>
      <Button
        color="secondary"
        component="a"
        href={within(`/api/table?name=${table}`)}
        download
        aria-label={say`Save as CSV: ${name}`}
      >
        {say`Save as CSV`}
      </Button>
      <Button
        color="secondary"
        component="a"
        href={within(`/api/table?name=${table}&template=1`)}
        download
        aria-label={say`Template: ${name}`}
      >
        {say`Template`}
      </Button>
    </>
  );
}
