/** The style of a field that is typed into with wet hands: as large as what is read around it, with a plain edge. */
export const BENCH_FIELD = {
  font: 'inherit',
  p: 1,
  border: '2px solid var(--zl-ink)',
  borderRadius: 1.5,
  bgcolor: 'var(--zl-paper)',
  color: 'inherit',
} as const;
