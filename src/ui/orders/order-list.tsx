'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import type { OrderLine } from '@/server/orders/order-pages';
import { bringBackAction } from '../actions';
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
  return (
    <Page
      title={say`Orders`}
      detail={say`${open.length} to make`}
      actions={<Button variant="contained" component={KitchenLink} href="/orders/new">{say`New order`}</Button>}
    >
      <CanWeTake firstPickup={ask} zone={zone} />
      {open.length === 0 ? (
        <p>{say`No order is open. A new one appears here and on the wall as soon as it is saved.`}</p>
      ) : (
        <Lines
          lines={open}
          last={(o) => (o.status ? <StatusMark status={o.status} /> : say`not planned yet`)}
          heading={say`Will it be ready?`}
        />
      )}
      {left.length > 0 && (
        <>
          <Box component="h2" sx={{ typography: 'h2', mt: 4, mb: 1 }}>{say`Handed over`}</Box>
          <Lines
            lines={left}
            heading=""
            last={(o) => (
              <Button
                size="small"
                color="secondary"
                disabled={back.busy}
                onClick={() => back.run(() => bringBackAction(o.id, o.version))}
                aria-label={say`Bring ${o.title} back`}
              >{say`Bring back`}</Button>
            )}
          />
        </>
      )}
      {back.message}
    </Page>
  );
}

function Lines({
  lines,
  last,
  heading,
}: {
  lines: OrderLine[];
  last: (line: OrderLine) => React.ReactNode;
  heading: string;
}) {
  return (
    <Box sx={{ border: '1px solid var(--zl-line)', borderRadius: 2, bgcolor: 'var(--zl-card)', overflowX: 'auto' }}>
      <Table
        size="small"
        sx={{ '& td, & th': { borderColor: 'var(--zl-line)', py: 1.1 }, '& tr:last-child td': { border: 0 } }}
      >
        <TableHead>
          <TableRow sx={{ '& th': { color: 'var(--zl-muted)', fontWeight: 700 } }}>
            <TableCell>{say`Pickup`}</TableCell>
            <TableCell>{say`Order`}</TableCell>
            <TableCell>{say`Cake`}</TableCell>
            <TableCell align="right">{say`Portions`}</TableCell>
            <TableCell>{heading}</TableCell>
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
              </TableCell>
              <TableCell>{o.cake}</TableCell>
              <TableCell align="right">{o.portions}</TableCell>
              <TableCell sx={{ whiteSpace: 'nowrap' }}>{last(o)}</TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </Box>
  );
}
