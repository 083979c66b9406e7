import Box from '@mui/material/Box';
import type { ReactNode } from 'react';

/** Something further, folded away; `said` is what was chosen in it, so that nothing chosen is hidden. */
export function Fold({ title, said, children }: { title: string; said?: ReactNode; children: ReactNode }) {
  return (
    <Box component="details" sx={{ borderTop: '1px solid var(--zl-line)' }}>
      <Box component="summary" sx={{ minHeight: 40, py: 1, cursor: 'pointer' }}>
        {title}
        {said}
      </Box>
      <Box sx={{ display: 'grid', gap: 1, pt: 1, pb: 1 }}>{children}</Box>
    </Box>
  );
}
