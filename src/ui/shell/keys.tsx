'use client';

import dynamic from 'next/dynamic';
import { useEffect, useState } from 'react';
import { isTyping } from '../parts/is-typing';

const KeysDialog = dynamic(() => import('./keys-dialog').then((m) => m.KeysDialog), { ssr: false });

/** The keys that do something, listed under `?`. */
export function Keys() {
  const [open, setOpen] = useState<boolean | null>(null);
  useEffect(() => {
    const pressed = (e: KeyboardEvent) => {
      if (e.key !== '?' || isTyping(e.target)) return;
      e.preventDefault();
      setOpen(true);
    };
    window.addEventListener('keydown', pressed);
    return () => window.removeEventListener('keydown', pressed);
  }, []);
  return open !== null && <KeysDialog open={open} onClose={() => setOpen(false)} />;
}
