import type { ReactNode } from 'react';

/** A tool that is a picture, with its name for who hears it or points at it. */
export function Tool({
  name,
  on,
  off = false,
  onClick,
  children,
}: {
  name: string;
  on?: boolean;
  off?: boolean;
  onClick: () => void;
  children: ReactNode;
}) {
  return (
    <button
      type="button"
      className="zl-tool"
      aria-label={name}
      title={name}
      aria-pressed={on}
      disabled={off}
      onClick={onClick}
    >
      {children}
    </button>
  );
}
