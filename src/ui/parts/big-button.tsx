import Box from '@mui/material/Box';
import type { ReactNode } from 'react';

interface BigButtonProps {
  kind: 'main' | 'quiet';
  small?: boolean;
  disabled?: boolean;
  onClick: () => void;
  children: ReactNode;
}

/** A button for wet hands: large, with nothing that has to be hovered or held. */
export function BigButton({ kind, small = false, disabled = false, onClick, children }: BigButtonProps) {
  const main = kind === 'main';
  return (
    <Box
      component="button"
      type="button"
      disabled={disabled}
      onClick={onClick}
      sx={{
        flex: small ? '0 0 auto' : main ? 2 : 1,
        minHeight: small ? 56 : 96,
        px: 3,
        borderRadius: 2,
        border: `3px solid ${main ? 'var(--zl-zest)' : 'var(--zl-ink)'}`,
        bgcolor: main ? 'var(--zl-zest)' : 'transparent',
        color: main ? 'var(--zl-onZest)' : 'var(--zl-ink)',
        font: 'inherit',
        fontWeight: 700,
        fontSize: small ? 19 : 28,
        cursor: 'pointer',
        whiteSpace: 'nowrap',
        '&:disabled': { opacity: 0.45, cursor: 'default' },
      }}
    >
      {children}
    </Box>
  );
}
