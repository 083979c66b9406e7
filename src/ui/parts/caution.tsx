import { say } from '@/core/words/say';
import Box from '@mui/material/Box';

/** Shown where the work can hurt someone. */
export function Caution({ text, large = false }: { text: string; large?: boolean }) {
  return (
    <Box
      role="note"
      sx={{
        mt: 1.5,
        p: large ? 2 : 1.25,
        fontSize: large ? 19 : 14,
        border: '2px solid var(--zl-cautionEdge)',
        bgcolor: 'var(--zl-cautionBack)',
        borderRadius: 1.5,
      }}
    >
      <b>{say`Take care.`}</b> {text}
    </Box>
  );
}
