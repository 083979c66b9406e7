'use client';

import { useEffect, useRef } from 'react';

/** With another page the keyboard and who listens go on at what that page is for, unless something in it has taken them already. */
export function useArrival(path: string): void {
  const was = useRef(path);
  useEffect(() => {
    if (was.current === path) return;
    was.current = path;
    const main = document.getElementById('main');
    if (!main || main.contains(document.activeElement)) return;
    main.tabIndex = -1;
    main.focus({ preventScroll: true });
  }, [path]);
}
