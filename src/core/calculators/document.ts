import { say } from '../words/say';
import type { Coefficients } from '../breakdown/figures/coefficients';
import { GROUPS, type FieldSpec } from './calculator';
import { describe } from './read-input';
import { CALCULATORS } from './registry';

/** All calculators with their fields and results, as Markdown: the reference of the command line. */
export function documentCalculators(figures: Coefficients): string {
  return GROUPS.map((group) =>
    [
      `### ${group}`,
      ...CALCULATORS.filter((c) => c.group === group).map((c) =>
        [
          `**\`${c.name}\`** — ${c.title}. ${c.about} _${c.source}_`,
          '',
          ...Object.entries(c.fields).map(([name, spec]) => `- \`${name}\`: ${fieldText(spec, figures)}`),
          `- gives: ${Object.entries(c.results)
            .map(([key, [, unit]]) => `\`${key}\`${unit && unit !== 'count' ? ` (${unit})` : ''}`)
            .join(', ')}`,
        ].join('\n'),
      ),
    ].join('\n\n'),
  ).join('\n\n');
}

function fieldText(spec: FieldSpec, figures: Coefficients): string {
  const preset =
    typeof spec.default === 'function' ? (spec.default as (f: Coefficients) => unknown)(figures) : spec.default;
  const shown =
    preset === undefined
      ? 'must be given'
      : preset === null
        ? 'may be left out'
        : say`default \`${JSON.stringify(preset)}\``;
  const inner =
    spec.kind === 'list'
      ? ` with ${Object.entries(spec.of)
          .map(([name, s]) => `\`${name}\` (${describe(s, figures)})`)
          .join(', ')}`
      : '';
  return `${spec.label}; ${spec.kind === 'list' ? 'a list of objects' : describe(spec, figures)}${inner}; ${shown}`;
}
