import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import type { Asked } from './use-asked';

/** Says that something could not be read, and offers to ask again. Nothing where there is no problem. */
export function NotAnsweredNote({ asked, what }: { asked: Pick<Asked<unknown>, 'problem' | 'again'>; what: string }) {
  if (asked.problem === null) return null;
  return (
    <Box role="alert" sx={{ display: 'flex', alignItems: 'center', gap: 1.5, my: 1, color: 'var(--zl-missesText)' }}>
      {what}: {asked.problem}
      <button type="button" className="zl-button" onClick={asked.again}>{say`Ask again`}</button>
    </Box>
  );
}
