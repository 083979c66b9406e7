/** A flat piece to cut, with its outline in mm from its lower left corner. */
export interface Panel {
  name: string;
  count: number;
  outline: [x: number, y: number][];
}

interface Common {
  /** Of the baked panel, mm. */
  thickness: number;
  /** How far an edge spreads in the oven, mm: taken off every edge before baking. */
  spread?: number;
}

export interface HouseMeasures extends Common {
  /** Of the measured cake or the wanted house, outside, mm. */
  length: number;
  width: number;
  wallHeight: number;
  /** Degrees. */
  pitch: number;
  overhang: number;
}

/**
 * A house: two gables as wide as the house, two side walls between them (shorter by both thicknesses), two roof panels
 * that meet at the ridge (each shorter there by the thickness × tan of the pitch, so that the edges join) and reach
 * over the walls and the gables.
 */
export function housePanels(m: HouseMeasures): Panel[] {
  const pitch = (m.pitch * Math.PI) / 180;
  const gable = (m.width / 2) * Math.tan(pitch);
  const slope = m.width / 2 / Math.cos(pitch) + m.overhang;
  return shrink(
    [
      {
        name: 'gable',
        count: 2,
        outline: [
          [0, 0],
          [m.width, 0],
          [m.width, m.wallHeight],
          [m.width / 2, m.wallHeight + gable],
          [0, m.wallHeight],
        ],
      },
      { name: 'side wall', count: 2, outline: rectangle(m.length - 2 * m.thickness, m.wallHeight) },
      { name: 'roof', count: 2, outline: rectangle(m.length + 2 * m.overhang, slope) },
    ],
    m.spread,
  );
}

export interface BoxMeasures extends Common {
  /** Of the measured cake, mm. */
  length: number;
  width: number;
  height: number;
  /** Air between cake and panel, mm. */
  clearance: number;
}

/** A box around a cake: two long panels that cover the ends of the two short ones between them, and a lid. */
export function boxPanels(m: BoxMeasures): Panel[] {
  const inner = { length: m.length + 2 * m.clearance, width: m.width + 2 * m.clearance };
  const outer = { length: inner.length + 2 * m.thickness, width: inner.width + 2 * m.thickness };
  return shrink(
    [
      { name: 'long side', count: 2, outline: rectangle(outer.length, m.height) },
      { name: 'short side', count: 2, outline: rectangle(inner.width, m.height) },
      { name: 'lid', count: 1, outline: rectangle(outer.length, outer.width) },
    ],
    m.spread,
  );
}

export interface CollarMeasures extends Common {
  /** Around the measured cake, mm. */
  perimeter: number;
  height: number;
  staves: number;
  /** Between two staves, mm. */
  gap: number;
}

/** A collar of equal staves around a cake. They stand outside: the outline they follow is longer by π × thickness. */
export function collarPanels(m: CollarMeasures): Panel[] {
  const outline = m.perimeter + Math.PI * m.thickness;
  return shrink(
    [{ name: 'stave', count: m.staves, outline: rectangle(outline / m.staves - m.gap, m.height) }],
    m.spread,
  );
}

function rectangle(length: number, width: number): Panel['outline'] {
  return [
    [0, 0],
    [length, 0],
    [length, width],
    [0, width],
  ];
}

/** Moves every edge of a convex outline inward by the spread; nothing is left of one that is narrower than that. */
function shrink(panels: Panel[], spread = 0): Panel[] {
  if (spread === 0) return panels;
  return panels.map((p) => ({ ...p, outline: inset(p.outline, spread) }));
}

function inset(outline: Panel['outline'], by: number): Panel['outline'] {
  const count = outline.length;
  const edges = outline.map(([x, y], i) => {
    const [nx, ny] = outline[(i + 1) % count]!;
    const length = Math.hypot(nx - x, ny - y);
    // Counter-clockwise outlines have their inside on the left: (−dy, dx).
    const normal: [number, number] = [-(ny - y) / length, (nx - x) / length];
    return { normal, offset: normal[0] * x + normal[1] * y + by };
  });
  const moved = edges.map((e, i): [number, number] => {
    const before = edges[(i + count - 1) % count]!;
    const det = before.normal[0] * e.normal[1] - before.normal[1] * e.normal[0];
    return [
      (before.offset * e.normal[1] - e.offset * before.normal[1]) / det,
      (before.normal[0] * e.offset - e.normal[0] * before.offset) / det,
    ];
  });
  // An edge that would run the other way has been passed by its neighbours.
  const turned = moved.some(([x, y], i) => {
    const [nx, ny] = moved[(i + 1) % count]!;
    const [ox, oy] = outline[i]!;
    const [px, py] = outline[(i + 1) % count]!;
    return (nx - x) * (px - ox) + (ny - y) * (py - oy) <= 0;
  });
  if (turned) return [];
  const left = Math.min(...moved.map(([x]) => x));
  const low = Math.min(...moved.map(([, y]) => y));
  return moved.map(([x, y]) => [x - left, y - low]);
}

/** Width and height of a panel, mm. */
export function panelSize(panel: Panel): { width: number; height: number } {
  return {
    width: Math.max(0, ...panel.outline.map(([x]) => x)),
    height: Math.max(0, ...panel.outline.map(([, y]) => y)),
  };
}

/** Area of a panel by the shoelace formula, mm². */
export function panelArea({ outline }: Panel): number {
  const twice = outline.reduce((sum, [x, y], i) => {
    const [nx, ny] = outline[(i + 1) % outline.length]!;
    return sum + x * ny - nx * y;
  }, 0);
  return Math.abs(twice) / 2;
}
