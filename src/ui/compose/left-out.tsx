import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Design } from '@/core/design/design';
import { say } from '@/core/words/say';

interface LeftOutProps {
  design: Design;
  /** Roles of parts that the order leaves out. */
  without: readonly string[];
  onTakeIn: (role: string) => void;
}

/** What an order leaves out of its cake, to be taken in again. */
export function LeftOut({ design, without, onTakeIn }: LeftOutProps) {
  return design.parts
    .filter((p) => without.includes(p.role))
    .map((p) => (
      <Box key={p.role} sx={{ display: 'flex', alignItems: 'center', gap: 1, mt: 0.5, color: 'var(--zl-muted)' }}>
        <Box sx={{ flex: 1 }}>{say`${p.label}: left out`}</Box>
        <Button size="small" color="secondary" onClick={() => onTakeIn(p.role)}>{say`Take it in again`}</Button>
      </Box>
    ));
}
