'use client';

import Box from '@mui/material/Box';
import { useEffect, useRef, useState, type ReactNode, type RefObject } from 'react';

/** Drawn this far beyond both sides of what is seen. */
const BEYOND = '800px';

/** A ladder's place on the wall; the ladder is drawn only while it is seen, or nearly. */
export function Seen({
  order,
  root,
  first,
  children,
}: {
  order: number;
  root: RefObject<HTMLElement | null>;
  /** Drawn from the beginning. */
  first: boolean;
  children: ReactNode;
}) {
  const place = useRef<HTMLDivElement>(null);
  const [seen, setSeen] = useState(first);
  useEffect(() => {
    if (!place.current) return;
    const watch = new IntersectionObserver(([entry]) => setSeen(entry!.isIntersecting), {
      root: root.current,
      rootMargin: `0px ${BEYOND}`,
    });
    watch.observe(place.current);
    return () => watch.disconnect();
  }, [root]);
  return (
    <Box ref={place} data-ladder={order} sx={{ position: 'relative', height: '100%' }}>
      {seen && children}
    </Box>
  );
}
