import { say } from '@/core/words/say';
import Box from '@mui/material/Box';

/** Shown where the work can hurt someone. */
export function Caution({ text, large = false }: { text: string; large?: boolean }) {
  return <Cautions texts={[text]} large={large} />;
}

/** All that can hurt someone in a piece of work, in one box; nothing where nothing can. */
export function Cautions({ texts, large = false }: { texts: string[]; large?: boolean }) {
  if (texts.length === 0) return null;
  return (
    <Box
      role="note"
      aria-label={say`Take care`}
      sx={{
        mt: 1.5,
        p: large ? 2 : 1.25,
        fontSize: large ? 19 : 14,
        border: '2px solid var(--zl-cautionEdge)',
        bgcolor: 'var(--zl-cautionBack)',
        borderRadius: 1.5,
      }}
    >
      <b>{say`Take care.`}</b>{' '}
      {texts.length === 1 ? (
        texts[0]
      ) : (
        <Box component="ul" sx={{ m: 0, mt: 0.5, pl: 2.5, '& li + li': { mt: 0.5 } }}>
          {texts.map((t) => (
            <li key={t}>{t}</li>
          ))}
        </Box>
      )}
    </Box>
  );
}
