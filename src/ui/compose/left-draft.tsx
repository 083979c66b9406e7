import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { say } from '@/core/words/say';

interface LeftDraftProps {
  /** What it is called; null where nothing was left. */
  name: string | null;
  onTakeUp: () => void;
  onForget: () => void;
}

/** What was composed here on an earlier visit and not taken: to go on with, or to forget. */
export function LeftDraft({ name, onTakeUp, onForget }: LeftDraftProps) {
  if (name === null) return null;
  return (
    <Alert
      severity="info"
      sx={{ mb: 1 }}
      action={
        <>
          <Button color="inherit" size="small" onClick={onTakeUp}>{say`Go on with it`}</Button>
          <Button color="inherit" size="small" onClick={onForget}>{say`Forget it`}</Button>
        </>
      }
    >
      {say`${name} was being composed here, and not taken yet.`}
    </Alert>
  );
}
