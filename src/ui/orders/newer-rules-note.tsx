import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { OrderView } from '@/server/orders/order-view';
import { Note } from '../parts/note';

/** Changes that are shown before the rest is only counted. */
const SHOWN = 8;

/** What today’s figures and rules would change of a cake that has been begun, and the way to take them over. */
export function NewerRulesNote({
  rules: { changes, lost },
  busy,
  onTake,
}: {
  rules: NonNullable<OrderView['newerRules']>;
  busy: boolean;
  onTake: () => void;
}) {
  return (
    <Note>
      {say`▲ This cake has been begun, and is made as it was broken down then. By today’s figures and rules it would change:`}
      <Box component="ul" sx={{ my: 0.75, pl: 2.5 }}>
        {changes.slice(0, SHOWN).map((c) => (
          <li key={c}>{c}</li>
        ))}
        {changes.length > SHOWN && (
          <li>
            {say`and`} {changes.length - SHOWN} {say`more`}
          </li>
        )}
      </Box>
      {lost.length > 0 && (
        <Box sx={{ mb: 0.75 }}>
          {say`What was told of`} {lost.map((l) => `“${l}”`).join(', ')}{' '}
          {say`would have no step any more; it stays in the records.`}
        </Box>
      )}
      <Button
        size="small"
        variant="outlined"
        color="secondary"
        disabled={busy}
        onClick={onTake}
      >{say`Apply to this cake`}</Button>
    </Note>
  );
}
