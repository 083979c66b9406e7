'use client';

import Button from '@mui/material/Button';
import { useRef } from 'react';

interface ChooseFileProps {
  /** What the button says. */
  label: string;
  /** What is chosen, for those who hear it. */
  what: string;
  /** Endings and types, as the browser takes them. */
  accept: string;
  disabled?: boolean;
  onChosen: (file: File) => void;
}

/** A button that has a file chosen; the same file can be chosen again. */
export function ChooseFile({ label, what, accept, disabled = false, onChosen }: ChooseFileProps) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button color="secondary" disabled={disabled} onClick={() => input.current?.click()}>
        {label}
      </Button>
      <input
        ref={input}
        type="file"
        accept={accept}
        hidden
        aria-label={what}
        onChange={(e) => {
          const file = e.target.files?.[0];
          e.target.value = '';
          if (file) onChosen(file);
        }}
      />
    </>
  );
}
