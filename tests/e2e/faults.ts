import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';

const axe = readFileSync('node_modules/axe-core/axe.min.js', 'utf8');
const RULES = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];

/**
 * What of a page shuts somebody out (contrasts, which take half of the time, may be left to where each view is looked through): all that breaks WCAG 2.2 A and AA or what is good practice beside it, by rule and by the first place that breaks
 * it. What of a rung's text has no room is cut off, and would be measured against what lies beneath the rung. Where it is full is drawn beside the
 * hours, as high as those hours are: the same is in the load, and a bar can be touched as well where it is long. At the edge of a field that scrolls something is always
 * partly covered; and the label of a name that is cut begins with it, but does not hold what follows the ellipsis.
 */
export async function faults(page: Page, { contrast = true } = {}): Promise<string[]> {
  await page.evaluate(axe);
  return page.evaluate(
    async ({ rules, contrast }) => {
      interface Violation {
        id: string;
        nodes: { html: string; any: { message: string }[] }[];
      }
      const { axe } = window as unknown as {
        axe: { run: (where: object, how: object) => Promise<{ violations: Violation[] }> };
      };
      const { violations } = await axe.run(
        { exclude: [['[data-step] > span']] },
        {
          runOnly: rules,
          rules: { 'color-contrast': { enabled: contrast } },
        },
      );
      return violations.flatMap(({ id, nodes }) => {
        const counted = nodes.filter(({ html, any }) => {
          if (id === 'target-size') return !html.includes('zl-pinch') && !any[0]?.message.includes('obscured');
          return id !== 'label-content-name-mismatch' || !html.includes('data-cut');
        });
        return counted.length > 0 ? [`${id}: ${counted[0]!.html.slice(0, 160)}`] : [];
      });
    },
    { rules: RULES, contrast },
  );
}
