import Box from '@mui/material/Box';
import { say } from '@/core/words/say';
import type { OrderView } from '@/server/orders/order-view';
import { KitchenLink } from '../kitchens/kitchen-link';
import { Note } from '../parts/note';
import { PicturesShown } from '../parts/pictures-shown';

/** What was agreed for an order and what still is to be, with its pictures and the other cakes of the same order. */
export function Agreed({ view }: { view: OrderView }) {
  const { agreed } = view;
  const lines: [string, string | null][] = [
    [say`Held until`, agreed.heldUntil && say`${agreed.heldUntil}: it is an enquiry still`],
    [say`Colours`, agreed.colours],
    [say`Inscription stands`, agreed.inscriptionAt],
    [say`Goes to`, agreed.goesTo],
    [say`Box`, agreed.box],
    [say`Stands`, agreed.stands],
    [say`Must not be forgotten`, view.note],
  ];
  const shown = lines.filter(([, what]) => what);
  return (
    <Box sx={{ display: 'grid', gap: 1, mb: 1.5 }}>
      {agreed.undecided.length > 0 && (
        <Note>
          {agreed.undecided.map((u) => (
            <Box key={`${u.what} ${u.by}`}>
              <span aria-hidden>▢ </span>
              <b>{u.what}</b> {u.over ? say`should have been agreed by ${u.by}` : say`is to be agreed by ${u.by}`}
            </Box>
          ))}
        </Note>
      )}
      {agreed.notBorne && <Box sx={{ color: 'var(--zl-tightText)' }}>▲ {agreed.notBorne}</Box>}
      {shown.length > 0 && (
        <Box component="dl" sx={{ m: 0, display: 'grid', gap: 0.5 }}>
          {shown.map(([name, what]) => (
            <div key={name}>
              <Box component="dt" sx={{ display: 'inline', color: 'var(--zl-muted)' }}>
                {name}:{' '}
              </Box>
              <Box component="dd" sx={{ display: 'inline', m: 0, overflowWrap: 'anywhere' }}>
                {what}
              </Box>
            </div>
          ))}
        </Box>
      )}
      <PicturesShown pictures={agreed.pictures} />
      {agreed.together.length > 0 && (
        <Box>
          {say`One order with`}{' '}
          {agreed.together.map((o, i) => (
            <span key={o.id}>
              {i > 0 && ', '}
              <KitchenLink href={`/orders/${o.id}`} style={LINK}>
                {o.title}
              </KitchenLink>
            </span>
          ))}
        </Box>
      )}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 2, fontSize: 14 }}>
        {view.state === 'open' && (
          <KitchenLink href={`/orders/new?with=${agreed.first}`} style={LINK}>
            {say`Another cake in this order`}
          </KitchenLink>
        )}
        <KitchenLink href={`/orders/new?copy=${view.id}`} style={LINK}>
          {say`A new order like this`}
        </KitchenLink>
      </Box>
    </Box>
  );
}

const LINK = { color: 'inherit', padding: '4px 0' };
