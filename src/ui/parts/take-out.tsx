import { say } from '@/core/words/say';
import Button from '@mui/material/Button';

/** Takes one of several out of a form; `what` says which to those who hear it. */
export const TakeOut = ({ what, onTake }: { what: string; onTake: () => void }) => (
  <Button color="secondary" sx={{ alignSelf: 'flex-start' }} aria-label={say`Take out: ${what}`} onClick={onTake}>
    {say`Take out`}
  </Button>
);
