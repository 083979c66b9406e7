import { boxPanels, housePanels } from './panels';
import { CONTROL_BAR, templatePages, templateSvg } from './template-pages';

const length = ({ from, to }: { from: readonly [number, number]; to: readonly [number, number] }) =>
  Math.hypot(to[0] - from[0], to[1] - from[1]);

describe('templates at 1 : 1', () => {
  const pages = templatePages(
    housePanels({ length: 160, width: 120, wallHeight: 90, pitch: 40, overhang: 8, thickness: 5 }),
  );

  it('one page for each panel that fits, its outline as long as the panel’s', () => {
    expect(pages.map((p) => p.title)).toEqual(['gable', 'side wall', 'roof']);
    const wall = pages[1]!.lines.filter((l) => l.kind === 'cut');
    expect(wall.map(length).reduce((a, b) => a + b, 0)).toBeCloseTo(2 * (150 + 90), 6);
  });
  it('a control bar of 50 mm on every page, and everything on the paper', () => {
    for (const p of pages) {
      const [bar] = p.lines.filter((l) => l.kind === 'bar');
      expect(length(bar!)).toBeCloseTo(CONTROL_BAR, 9);
      for (const l of p.lines)
        for (const [x, y] of [l.from, l.to]) {
          expect(x).toBeGreaterThanOrEqual(5);
          expect(x).toBeLessThanOrEqual(205);
          expect(y).toBeGreaterThanOrEqual(5);
          expect(y).toBeLessThanOrEqual(292);
        }
    }
  });
  it('cuts what is larger than a page into parts that overlap: nothing of the outline is lost', () => {
    const [long] = boxPanels({ length: 500, width: 100, height: 120, clearance: 0, thickness: 5 });
    const parts = templatePages([long!]);
    expect(parts.length).toBeGreaterThan(1);
    expect(parts[0]!.title).toContain(`part 1 of ${parts.length}`);
    const cut = parts
      .flatMap((p) => p.lines.filter((l) => l.kind === 'cut'))
      .map(length)
      .reduce((a, b) => a + b, 0);
    expect(cut).toBeGreaterThanOrEqual(2 * (510 + 120) - 1e-6);
  });
  it('is an SVG in millimetres', () => {
    const svg = templateSvg({ ...pages[0]!, texts: [{ at: [1, 1], text: 'a < b & c', size: 3 }] });
    expect(svg).toMatch(/^<svg [^>]*width="210mm" height="297mm" viewBox="0 0 210 297">/);
    expect(svg).toContain('a &lt; b &amp; c');
  });
});
