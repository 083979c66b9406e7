import Box from '@mui/material/Box';
import type { ReactNode } from 'react';

interface ChoiceCardProps {
  chosen: boolean;
  onChoose: () => void;
  children: ReactNode;
  label: string;
  disabled?: boolean;
}

/** One of several answers, to be pressed: the chosen one has a zest edge and a mark, not colour alone. */
export function ChoiceCard({ chosen, onChoose, children, label, disabled = false }: ChoiceCardProps) {
  return (
    <Box
      component="button"
      type="button"
      role="radio"
      aria-checked={chosen}
      aria-label={label}
      disabled={disabled}
      onClick={onChoose}
      sx={{
        font: 'inherit',
        color: 'inherit',
        textAlign: 'left',
        display: 'grid',
        alignContent: 'start',
        p: 1.25,
        minHeight: 56,
        minWidth: 0,
        borderRadius: 2,
        border: '2px solid',
        borderColor: chosen ? 'var(--zl-ink)' : 'var(--zl-line)',
        boxShadow: chosen ? 'inset 6px 0 0 var(--zl-zest)' : 'none',
        pl: chosen ? 2 : 1.25,
        bgcolor: 'var(--zl-card)',
        cursor: disabled ? 'default' : 'pointer',
        opacity: disabled ? 0.6 : 1,
        '&:hover': { borderColor: disabled ? 'var(--zl-line)' : 'var(--zl-ink)' },
      }}
    >
      {children}
    </Box>
  );
}
