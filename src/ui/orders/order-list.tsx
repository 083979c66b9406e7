'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import TextField from '@mui/material/TextField';
import { useMemo, useState } from 'react';
import type { OrderLine } from '@/server/orders/order-pages';
import { bringBackAction } from '../actions';
import { finder } from '@/finding/finder';
import { Page } from '../parts/page';
import { useAction } from '../parts/use-action';
import { StatusMark } from '../parts/status-mark';
import { CanWeTake } from './can-we-take';
import { KitchenLink } from '../kitchens/kitchen-link';

/** Who wants what, when, and whether it will be ready. */
export function OrderList({
  open,
  left,
  ask,
  zone,
}: {
  open: OrderLine[];
  left: OrderLine[];
  ask: string;
  zone: string;
}) {
  const back = useAction();
  const [words, setWords] = useState('');
  const found = useFound(open, words);
  const gone = useFound(left, words);
  const many = open.length + left.length > FEW;
  return (
    <Page
      title={say`Orders`}
      detail={say`${open.length} to make`}
      actions={
        <>
          {many && (
            <TextField
              label={say`Find by name, customer, cake`}
              value={words}
              onChange={(e) => setWords(e.target.value)}
              sx={{ width: { xs: '100%', sm: 260 } }}
            />
          )}
          <Button variant="contained" component={KitchenLink} href="/orders/new">{say`New order`}</Button>
        </>
      }
    >
      <CanWeTake firstPickup={ask} zone={zone} />
      {open.length === 0 ? (
        <p>{say`No order is open. A new one appears here and on the wall as soon as it is saved.`}</p>
      ) : (
        <Lines
          lines={found}
          last={(o) => (o.status ? <StatusMark status={o.status} /> : say`not planned yet`)}
          heading={say`Will it be ready?`}
        />
      )}
      {words !== '' && found.length + gone.length === 0 && <p>{say`No order has all these words.`}</p>}
      {gone.length > 0 && (
        <>
          <Box component="h2" sx={{ typography: 'h2', mt: 4, mb: 1 }}>{say`Handed over`}</Box>
          <Lines
            lines={gone}
            heading={null}
            last={(o) => (
              <Button
                size="small"
                color="secondary"
                disabled={back.busy}
                onClick={() => back.run(() => bringBackAction(o.id, o.version))}
                aria-label={say`Bring back ${o.title}`}
              >{say`Bring back`}</Button>
            )}
          />
        </>
      )}
      {back.message}
    </Page>
  );
}

/** A list that is seen at one look needs no field to search it. */
const FEW = 8;

function useFound(lines: OrderLine[], words: string): OrderLine[] {
  const find = useMemo(
    () => finder(lines, (o) => ({ name: o.title, more: `${o.customer} ${o.cake} ${o.pickup}` })),
    [lines],
  );
  // By their pickups, as they are: who searches for a day wants its first cake first.
  return useMemo(() => {
    const hits = new Set(find(words).map((h) => h.item));
    return lines.filter((o) => hits.has(o));
  }, [find, words, lines]);
}

/** In a narrow window each line is a block of its own. */
const AS_A_LIST = {
  '& thead': { display: 'none' },
  '& tbody': { display: 'block' },
  '& tr': { display: 'grid', gridTemplateColumns: '1fr auto', py: 1, borderBottom: '1px solid var(--zl-line)' },
  '& tr:last-child': { borderBottom: 0 },
  '& td': { border: 0, py: '2px !important', minWidth: 0, whiteSpace: 'normal !important' },
  '& td:nth-of-type(2)': { gridColumn: '1 / -1', gridRow: 1 },
};

function Lines({
  lines,
  last,
  heading,
}: {
  lines: OrderLine[];
  last: (line: OrderLine) => React.ReactNode;
  heading: string | null;
}) {
  return (
    <Box sx={{ border: '1px solid var(--zl-line)', borderRadius: 2, bgcolor: 'var(--zl-card)' }}>
      <Table
        size="small"
        sx={(theme) => ({
          '& td, & th': { borderColor: 'var(--zl-line)', py: 1.1 },
          '& tr:last-child td': { border: 0 },
          [theme.breakpoints.down(760)]: AS_A_LIST,
        })}
      >
        <TableHead>
          <TableRow sx={{ '& th': { color: 'var(--zl-muted)', fontWeight: 700 } }}>
            <TableCell>{say`Pickup`}</TableCell>
            <TableCell>{say`Order`}</TableCell>
            <TableCell>{say`Cake`}</TableCell>
            <TableCell align="right">{say`Portions`}</TableCell>
            <TableCell>{heading ?? <span className="zl-only-heard">{say`What can be done`}</span>}</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {lines.map((o) => (
            <TableRow key={o.id} hover>
              <TableCell sx={{ whiteSpace: 'nowrap', fontWeight: 700 }}>{o.pickup}</TableCell>
              <TableCell>
                <Box component={KitchenLink} href={`/orders/${o.id}`} sx={{ color: 'inherit', fontWeight: 700 }}>
                  {o.title}
                </Box>
                <Box sx={{ color: 'var(--zl-muted)', fontSize: 13 }}>{o.customer}</Box>
                {o.heldUntil && <Box sx={{ fontSize: 13 }}>{say`enquiry, held until ${o.heldUntil}`}</Box>}
                {o.lapsed && <Box sx={{ fontSize: 13 }}>{say`enquiry, lapsed`}</Box>}
              </TableCell>
              <TableCell>{o.cake}</TableCell>
              <TableCell align="right">
                {o.portions}
                <Box component="span" sx={{ display: { sm: 'none' } }}>{say` portions`}</Box>
              </TableCell>
              <TableCell sx={{ whiteSpace: 'nowrap' }}>{last(o)}</TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </Box>
  );
}
