'use client';

import { say } from '@/core/words/say';
import dynamic from 'next/dynamic';
import { useEffect, useState } from 'react';
import { isTyping } from '../parts/is-typing';

const SearchDialog = dynamic(() => import('./search-dialog').then((m) => m.SearchDialog), { ssr: false });

/** Opened by `/` from anywhere: orders, formulas and calculators by any of their words. It is loaded when it is wanted. */
export function SearchPalette() {
  const [open, setOpen] = useState<boolean | null>(null);
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (e.key !== '/' || e.ctrlKey || e.metaKey || e.altKey || isTyping(e.target)) return;
      e.preventDefault();
      setOpen(true);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  return (
    <>
      <button
        type="button"
        className="zl-find"
        aria-label={say`Find anything`}
        aria-keyshortcuts="/"
        onClick={() => setOpen(true)}
      >
        {say`Find`} <b>/</b>
      </button>
      {open !== null && <SearchDialog open={open} onClose={() => setOpen(false)} />}
    </>
  );
}
