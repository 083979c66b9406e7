import { say } from '../words/say';
import { panelSize, type Panel } from './panels';

/** A page of A4 to be printed at 1 : 1. All in mm, from the top left. */
export interface TemplatePage {
  width: number;
  height: number;
  title: string;
  lines: { from: Point; to: Point; kind: 'cut' | 'tile' | 'bar' }[];
  texts: { at: Point; text: string; size: number }[];
}
type Point = readonly [x: number, y: number];

const A4 = { width: 210, height: 297 };
/** Printers leave a rim white; the title stands in it. */
const MARGIN = 12;
/** Room at the foot for the control bar. */
const FOOT = 22;
/** Length of the bar by which a print is checked. */
export const CONTROL_BAR = 50;
/** Neighbouring pages show this much of one another, to be laid over each other. */
const OVERLAP = 10;

const PRINTABLE = { width: A4.width - 2 * MARGIN, height: A4.height - 2 * MARGIN - FOOT };

/**
 * Pages with the outlines of panels at 1 : 1, a control bar of 50 mm on each. A panel larger than a page is cut into tiles
 * that overlap by 10 mm; one that fits when turned is turned. Of a panel that takes more than `most` pages only the first that is too
 * many is added.
 */
export function templatePages(panels: Panel[], most = Infinity): TemplatePage[] {
  return panels.flatMap((panel) => {
    const upright = turned(panel);
    const { width, height } = panelSize(upright);
    const [across, down] = [tiles(width, PRINTABLE.width), tiles(height, PRINTABLE.height)];
    return Array.from({ length: Math.min(across * down, most + 1) }, (_, i) =>
      page(upright, i % across, Math.floor(i / across), across, down),
    );
  });
}

/** As many tiles as cover a length when each but the first adds a page less the overlap. */
function tiles(length: number, room: number): number {
  return length <= room ? 1 : 1 + Math.ceil((length - room) / (room - OVERLAP));
}

function turned(panel: Panel): Panel {
  const { width, height } = panelSize(panel);
  const fits = (w: number, h: number) => tiles(w, PRINTABLE.width) * tiles(h, PRINTABLE.height);
  if (fits(height, width) >= fits(width, height)) return panel;
  return { ...panel, outline: panel.outline.map(([x, y]): [number, number] => [height - y, x]) };
}

function page(panel: Panel, column: number, row: number, across: number, down: number): TemplatePage {
  const { width, height } = panelSize(panel);
  const left = column * (PRINTABLE.width - OVERLAP);
  const top = row * (PRINTABLE.height - OVERLAP);
  const box = { left, top, right: left + PRINTABLE.width, bottom: top + PRINTABLE.height };
  // Outlines count up from the bottom, pages down from the top.
  const points = panel.outline.map(([x, y]): Point => [x, height - y]);
  const onPage = ([x, y]: Point): Point => [x - left + MARGIN, y - top + MARGIN];
  const lines: TemplatePage['lines'] = points.flatMap((from, i) => {
    const clipped = clip(from, points[(i + 1) % points.length]!, box);
    return clipped ? [{ from: onPage(clipped[0]), to: onPage(clipped[1]), kind: 'cut' as const }] : [];
  });
  const several = across * down > 1;
  if (several) lines.push(...frame());
  const barY = A4.height - MARGIN - 8;
  lines.push(...controlBar(MARGIN, barY));
  const tile = several ? say`, part ${row * across + column + 1} of ${across * down}` : '';
  return {
    ...A4,
    title: `${panel.name}${tile}`,
    lines,
    texts: [
      {
        at: [MARGIN, MARGIN - 4],
        text: say`${panel.name}: cut ${panel.count} × ${round(width)} × ${round(height)} mm${tile}`,
        size: 4,
      },
      {
        at: [MARGIN + CONTROL_BAR + 4, barY + 1.2],
        text: say`This bar measures ${CONTROL_BAR} mm. If it does not, print at 100 %.`,
        size: 3.4,
      },
    ],
  };
}

/** Edges of a tile: pages are laid over each other at them. */
function frame(): TemplatePage['lines'] {
  const [right, bottom] = [MARGIN + PRINTABLE.width, MARGIN + PRINTABLE.height];
  const corners: Point[] = [
    [MARGIN, MARGIN],
    [right, MARGIN],
    [right, bottom],
    [MARGIN, bottom],
  ];
  return corners.map((from, i) => ({ from, to: corners[(i + 1) % 4]!, kind: 'tile' as const }));
}

function controlBar(x: number, y: number): TemplatePage['lines'] {
  const tick = (at: number) => ({ from: [at, y - 2] as Point, to: [at, y + 2] as Point, kind: 'bar' as const });
  return [
    { from: [x, y], to: [x + CONTROL_BAR, y], kind: 'bar' },
    ...[0, 10, 20, 30, 40, 50].map((mm) => tick(x + mm)),
  ];
}

/** The part of a line inside a box (Liang and Barsky); null where none of it is. */
function clip(
  a: Point,
  b: Point,
  box: { left: number; top: number; right: number; bottom: number },
): [Point, Point] | null {
  const [dx, dy] = [b[0] - a[0], b[1] - a[1]];
  let [enter, leave] = [0, 1];
  for (const [p, q] of [
    [-dx, a[0] - box.left],
    [dx, box.right - a[0]],
    [-dy, a[1] - box.top],
    [dy, box.bottom - a[1]],
  ] as const) {
    if (p === 0) {
      if (q < 0) return null;
      continue;
    }
    const t = q / p;
    if (p < 0) enter = Math.max(enter, t);
    else leave = Math.min(leave, t);
  }
  if (enter > leave) return null;
  const point = (t: number): Point => [a[0] + t * dx, a[1] + t * dy];
  return [point(enter), point(leave)];
}

/** How each kind of line is drawn: width in mm, and dashes. */
export const TEMPLATE_PENS = {
  cut: { width: 0.4, dash: null },
  tile: { width: 0.15, dash: [2, 2] },
  bar: { width: 0.6, dash: null },
} as const;

/** One page as an SVG document whose units are millimetres: printed at 100 % it is 1 : 1. */
export function templateSvg(p: TemplatePage): string {
  const lines = p.lines.map((l) => {
    const pen = TEMPLATE_PENS[l.kind];
    const dash = pen.dash ? ` stroke-dasharray="${pen.dash.join(' ')}"` : '';
    return `<line x1="${round(l.from[0])}" y1="${round(l.from[1])}" x2="${round(l.to[0])}" y2="${round(l.to[1])}" stroke="#000" stroke-width="${pen.width}"${dash}/>`;
  });
  const texts = p.texts.map(
    (t) =>
      `<text x="${round(t.at[0])}" y="${round(t.at[1])}" font-size="${t.size}" font-family="sans-serif">${escape(t.text)}</text>`,
  );
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${p.width}mm" height="${p.height}mm" viewBox="0 0 ${p.width} ${p.height}">${lines.join('')}${texts.join('')}</svg>`;
}

const round = (x: number) => Number(x.toFixed(2));
const escape = (text: string) => text.replace(/[&<>]/g, (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;' })[c]!);
