import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import type { CalcValue, CalcValues } from '@/core/calculators/calculator';
import { durationText } from '@/core/time/duration-text';
import { onTheScale, thousands } from '@/core/measure/show-quantity';
import type { CalculatorView } from '@/server/workbench/calculators';
import { headingFont } from '../theme/theme';

/** Lists that are drawn, not written. */
const DRAWN = ['placed', 'panels', 'pieces', 'form'];

/** What a calculator gave: numbers large, lists as small tables. */
export function Results({ calculator, values }: { calculator: CalculatorView; values: CalcValues }) {
  const shown = Object.entries(calculator.results).filter(
    ([key]) => values[key] !== undefined && values[key] !== null && !DRAWN.includes(key),
  );
  return (
    <Box
      component="dl"
      aria-label={say`Results`}
      sx={{ m: 0, display: 'grid', gridTemplateColumns: 'auto 1fr', columnGap: 2.5, rowGap: 1, alignItems: 'baseline' }}
    >
      {shown.map(([key, [label, unit]]) => {
        const value = values[key]!;
        const table = Array.isArray(value) && value.length > 0 && typeof value[0] === 'object';
        return (
          <Box key={key} sx={{ display: 'contents' }}>
            <Box component="dt" sx={{ color: 'var(--zl-muted)', gridColumn: table ? '1 / -1' : 'auto' }}>
              {label}
            </Box>
            <Box
              component="dd"
              sx={{
                m: 0,
                gridColumn: table ? '1 / -1' : 'auto',
                ...(table
                  ? {}
                  : { fontFamily: headingFont, fontWeight: 700, fontSize: typeof value === 'string' ? 19 : 24 }),
              }}
            >
              {table ? <Table rows={value as { [key: string]: CalcValue }[]} /> : valueText(value, unit)}
            </Box>
          </Box>
        );
      })}
    </Box>
  );
}

function Table({ rows }: { rows: { [key: string]: CalcValue }[] }) {
  const columns = [...new Set(rows.flatMap((r) => Object.keys(r)))];
  return (
    <Box sx={{ overflowX: 'auto' }}>
      <Box
        component="table"
        sx={{
          borderCollapse: 'collapse',
          width: '100%',
          '& td, & th': {
            textAlign: 'left',
            py: 0.5,
            pr: 2,
            borderBottom: '1px solid var(--zl-line)',
            verticalAlign: 'top',
          },
          '& th': { color: 'var(--zl-muted)', fontSize: 13 },
        }}
      >
        <thead>
          <tr>
            {columns.map((c) => (
              <th key={c}>{words(c)}</th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((r, i) => (
            <tr key={i}>
              {columns.map((c) => (
                <td key={c}>
                  {valueText(r[c] ?? null, /grams|exact/i.test(c) ? 'g' : /share|distortion/.test(c) ? 'share' : '')}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </Box>
    </Box>
  );
}

/** "gramsEach" as "grams each". */
const words = (key: string) => key.replace(/[A-Z]/g, (c) => ` ${c.toLowerCase()}`);

/** A value as one says it; numbers as far as they mean something. */
function valueText(value: CalcValue, unit: string): string {
  if (value === null) return '–';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'string') return value;
  if (Array.isArray(value)) return value.length === 0 ? 'none' : value.map((v) => valueText(v, unit)).join(', ');
  if (typeof value === 'object')
    return Object.values(value)
      .map((v) => valueText(v, typeof v === 'number' ? 'g' : ''))
      .join(' ');
  switch (unit) {
    case 'g':
    case 'ml':
      return `${thousands(onTheScale(value))} ${unit}`;
    case 'mm':
      return say`${thousands(round(value, 1))} mm`;
    case 'mm²':
      return `${thousands(round(value / 100, 1))} cm²`;
    case 'min':
      return value < 90 ? say`${round(value, 1)} min` : durationText(Math.round(value));
    case 'share':
      return `${round(value * 100, 1)} %`;
    case 'count':
      return String(round(value, 1));
    default:
      return `${thousands(round(value, 3))}${unit ? ` ${unit}` : ''}`;
  }
}

const round = (value: number, places: number) => Number(value.toFixed(places));
