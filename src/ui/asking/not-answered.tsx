import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Asked } from './use-asked';

/** Says that something could not be read, and offers to ask again. Nothing where there is no problem. */
export function NotAnsweredNote({ asked, what }: { asked: Pick<Asked<unknown>, 'problem' | 'again'>; what: string }) {
  if (asked.problem === null) return null;
  return (
    <Box role="alert" sx={{ display: 'flex', alignItems: 'center', gap: 1.5, my: 1, color: 'var(--zl-missesText)' }}>
      {what}: {asked.problem}
      <Button
        size="small"
        variant="outlined"
        color="secondary"
        onClick={asked.again}
        sx={{ flex: 'none' }}
      >{say`Ask again`}</Button>
    </Box>
  );
}
