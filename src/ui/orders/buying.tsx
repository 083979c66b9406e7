import { say } from '@/core/words/say';
import Box from '@mui/material/Box';

/** What an order’s ingredients cost, and what of them nobody brings in time. */
export function Buying({ cost, notInTime }: { cost: string | null; notInTime: readonly string[] }) {
  if (cost === null && notInTime.length === 0) return null;
  return (
    <Box component="section" aria-label={say`Buying`} sx={{ mt: 1 }}>
      {notInTime.map((line) => (
        <Box key={line} sx={{ color: 'var(--zl-missesText)', fontWeight: 700 }}>
          <span aria-hidden>■</span> {line}
        </Box>
      ))}
      {cost && <Box sx={{ fontSize: 14, color: 'var(--zl-muted)' }}>{cost}</Box>}
    </Box>
  );
}
