'use client';

import Box, { type BoxProps } from '@mui/material/Box';
import { useEffect, useRef, type KeyboardEvent, type ReactNode } from 'react';

const ON = ['ArrowRight', 'ArrowDown'];
const BACK = ['ArrowLeft', 'ArrowUp'];

const radiosIn = (group: HTMLElement | null): HTMLButtonElement[] => [
  ...(group?.querySelectorAll<HTMLButtonElement>('[role=radio]:not(:disabled)') ?? []),
];

/**
 * Several `ChoiceCard`s of which one is chosen: a single stop of the Tab key, arrows from card to card. What an arrow reaches is chosen at once, as
 * is usual; where a choice changes the plan, only Space and Enter choose.
 */
export function ChoiceGroup({
  label,
  arrowsChoose = true,
  sx,
  children,
}: {
  label: string;
  arrowsChoose?: boolean;
  sx?: BoxProps['sx'];
  children: ReactNode;
}) {
  const group = useRef<HTMLElement>(null);
  useEffect(() => {
    const radios = radiosIn(group.current);
    const stop =
      radios.find((r) => r === document.activeElement) ??
      radios.find((r) => r.getAttribute('aria-checked') === 'true') ??
      radios[0];
    for (const r of radios) r.tabIndex = r === stop ? 0 : -1;
  });
  const onKeyDown = (e: KeyboardEvent) => {
    const by = ON.includes(e.key) ? 1 : BACK.includes(e.key) ? -1 : 0;
    const radios = radiosIn(group.current);
    const at = radios.indexOf(document.activeElement as HTMLButtonElement);
    if (by === 0 || at < 0) return;
    e.preventDefault();
    const next = radios[(at + by + radios.length) % radios.length]!;
    for (const r of radios) r.tabIndex = r === next ? 0 : -1;
    next.focus();
    if (arrowsChoose) next.click();
  };
  return (
    <Box ref={group} role="radiogroup" aria-label={label} onKeyDown={onKeyDown} {...(sx ? { sx } : {})}>
      {children}
    </Box>
  );
}
