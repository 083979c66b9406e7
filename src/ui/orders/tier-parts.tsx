import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import type { TierParts } from '@/server/orders/tier-parts-view';
import { useReading } from '../parts/reading';

/** What goes into each tier of a cake, with the amount of every use; folded until it is asked for. */
export function TierPartsList({ tiers }: { tiers: readonly TierParts[] }) {
  const { tell } = useReading();
  if (tiers.length === 0) return null;
  return (
    <Box component="details" sx={{ mt: 1, borderTop: '1px solid var(--zl-line)', pt: 1 }}>
      <Box component="summary" sx={{ fontWeight: 700, cursor: 'pointer', minHeight: 24 }}>{say`By tier`}</Box>
      {tiers.map((t, i) => (
        <Box key={i} sx={{ borderBottom: '1px solid var(--zl-line)', py: 0.75 }}>
          <Box sx={{ fontWeight: 700 }}>{t.name}</Box>
          <Box component="ul" sx={{ m: 0, p: 0, listStyle: 'none', fontSize: 14 }}>
            {t.parts.map((p) => (
              <li key={p.label}>
                {p.label}{' '}
                <span style={{ color: 'var(--zl-muted)' }}>
                  {p.uses.map((u) => `${u.use} ${tell(u.amount)}`).join(' · ')}
                </span>
              </li>
            ))}
          </Box>
        </Box>
      ))}
    </Box>
  );
}
