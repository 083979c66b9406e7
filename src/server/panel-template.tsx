import { Document, Line, Page, Svg, Text, renderToBuffer } from '@react-pdf/renderer';
import type { CalcValue } from '../core/calculators/calculator';
import type { Panel } from '../core/shape/panels';
import { TEMPLATE_PENS, templatePages, templateSvg, type TemplatePage } from '../core/shape/template-pages';
import { runCalculator } from './calculators';

/** Points of a PDF in one millimetre. */
const MM = 72 / 25.4;

/** Pages of the panels that a calculator cuts; null where its fields are not right. */
async function pagesOf(calculator: string, input: unknown): Promise<TemplatePage[] | null> {
  if (!calculator.startsWith('panels-')) return null;
  const result = await runCalculator(calculator, input);
  if (!result.ok) return null;
  const panels = result.values.panels as { [key: string]: CalcValue }[];
  return templatePages(
    panels.map((p): Panel => ({
      name: p.name as string,
      count: p.count as number,
      outline: p.outline as [number, number][],
    })),
  );
}

/** One page as SVG; null where there is none. */
export async function panelSvg(calculator: string, input: unknown, page: number): Promise<string | null> {
  const wanted = (await pagesOf(calculator, input))?.[page];
  return wanted ? templateSvg(wanted) : null;
}

/** All pages as a PDF at 1 : 1. */
export async function panelPdf(calculator: string, input: unknown): Promise<Buffer | null> {
  const pages = await pagesOf(calculator, input);
  if (!pages) return null;
  return renderToBuffer(
    <Document title="Templates at 1 : 1">
      {pages.map((p) => (
        <Page key={p.title} size={[p.width * MM, p.height * MM]} wrap={false}>
          <Svg width={p.width * MM} height={p.height * MM} viewBox={`0 0 ${p.width} ${p.height}`}>
            {p.lines.map((l, i) => {
              const pen = TEMPLATE_PENS[l.kind];
              return (
                <Line
                  key={i}
                  x1={l.from[0]}
                  y1={l.from[1]}
                  x2={l.to[0]}
                  y2={l.to[1]}
                  stroke="#000"
                  strokeWidth={pen.width}
                  {...(pen.dash ? { strokeDasharray: pen.dash.join(' ') } : {})}
                />
              );
            })}
            {p.texts.map((t) => (
              <Text key={t.text} x={t.at[0]} y={t.at[1]} style={{ fontSize: t.size }}>
                {t.text}
              </Text>
            ))}
          </Svg>
        </Page>
      ))}
    </Document>,
  );
}
