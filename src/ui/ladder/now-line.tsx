/** The line of now, with its time on the axis. */
export function NowLine({ y, text, badge = false }: { y: number; text?: string; badge?: boolean }) {
  if (badge)
    return (
      <div className="zl-now-badge" style={{ top: Math.round(y) - 11 }}>
        {text}
      </div>
    );
  return <div aria-hidden className="zl-now" style={{ top: Math.round(y) - 1 }} />;
}
