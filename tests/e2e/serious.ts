import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';

const axe = readFileSync('node_modules/axe-core/axe.min.js', 'utf8');

/**
 * What of a page shuts somebody out: faults of WCAG A and AA that are serious or critical, by the name of their rule. What of a rung's text
 * has no room is cut off, and would be measured against what lies beneath the rung.
 */
export async function seriousFaults(page: Page): Promise<string[]> {
  await page.evaluate(axe);
  return page.evaluate(async () => {
    const { axe } = window as unknown as {
      axe: { run: (where: object, how: object) => Promise<{ violations: { id: string; impact: string }[] }> };
    };
    const { violations } = await axe.run({ exclude: [['[data-step] > span']] }, { runOnly: ['wcag2a', 'wcag2aa'] });
    return violations.filter((v) => ['serious', 'critical'].includes(v.impact)).map((v) => v.id);
  });
}
