import Box from '@mui/material/Box';

interface PressSomeProps<Key extends string | number> {
  title: string;
  hint?: string | undefined;
  problem?: string | undefined;
  all: readonly { key: Key; name: string }[];
  chosen: readonly Key[];
  onChange: (chosen: Key[]) => void;
}

/** Some of a list, each to be pressed; what is wrong stands under it. */
export function PressSome<Key extends string | number>(props: PressSomeProps<Key>) {
  const { title, hint, problem, all, chosen, onChange } = props;
  return (
    <Box component="section" aria-label={title} sx={{ mb: 1.5 }}>
      <Box component="h2" sx={{ typography: 'h3', m: 0, mb: 0.5 }}>
        {title}
      </Box>
      {hint && <Box sx={{ color: 'var(--zl-muted)', fontSize: 13, mb: 0.5 }}>{hint}</Box>}
      <Box sx={{ display: 'flex', gap: 0.5, flexWrap: 'wrap' }}>
        {all.map(({ key, name }) => (
          <button
            key={key}
            type="button"
            className="zl-button"
            aria-pressed={chosen.includes(key)}
            onClick={() => onChange(chosen.includes(key) ? chosen.filter((c) => c !== key) : [...chosen, key])}
          >
            {name}
          </button>
        ))}
      </Box>
      {problem && <Box sx={{ color: 'var(--zl-missesText)' }}>{problem}</Box>}
    </Box>
  );
}
