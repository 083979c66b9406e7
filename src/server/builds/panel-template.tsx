import { say } from '../../core/words/say';
import type { KitchenDb } from '../../data/kitchen-db';
import { Document, Line, Page, Svg, Text, renderToBuffer } from '@react-pdf/renderer';
import type { CalcValue } from '../../core/calculators/calculator';
import type { Panel } from '../../core/shape/panels';
import { TEMPLATE_PENS, templatePages, templateSvg, type TemplatePage } from '../../core/shape/template-pages';
import { runCalculator } from '../workbench/calculators';
import { refuse, type Result } from '../shared/result';
import { FileAnswer } from '../shared/file-answer';
import { PRINT_FAMILY, printable, registerPrintFont } from '../shared/print-font';

/** Points of a PDF in one millimetre. */
const MM = 72 / 25.4;

/** Pages of the panels that a calculator cuts; null where its fields are not right. */
async function pagesOf(db: KitchenDb, calculator: string, input: unknown): Promise<TemplatePage[] | null> {
  if (!calculator.startsWith('panels-')) return null;
  const result = await runCalculator(db, calculator, input);
  if (!result.ok) return null;
  const panels = result.values.panels as { [key: string]: CalcValue }[];
  const pages = templatePages(
    panels.map((p): Panel => ({
      name: p.name as string,
      count: p.count as number,
      outline: p.outline as [number, number][],
    })),
    MOST_PAGES,
  );
  return pages.length <= MOST_PAGES ? pages : null;
}

/** Nobody prints more. */
const MOST_PAGES = 200;

/**
 * The panels of a calculator at 1 : 1: all pages as a PDF, or one of them as SVG. Refused where the fields, as JSON, are not right,
 * or would take more paper than anybody prints.
 */
export async function panelFile(
  db: KitchenDb,
  calculator: string,
  fields: string,
  page: number | null,
): Promise<FileAnswer | Extract<Result, { ok: false }>> {
  let input: unknown;
  try {
    input = JSON.parse(fields);
  } catch {
    return refuse(say`The fields cannot be read.`);
  }
  const content = page === null ? await panelPdf(db, calculator, input) : await panelSvg(db, calculator, input, page);
  if (content === null) return refuse(say`These measures give no panels.`);
  const [ending, type] = page === null ? ['pdf', 'application/pdf'] : ['svg', 'image/svg+xml'];
  return new FileAnswer(`${calculator}.${ending}`, type!, content, 'inline');
}

/** One page as SVG; null where there is none. */
async function panelSvg(db: KitchenDb, calculator: string, input: unknown, page: number): Promise<string | null> {
  const wanted = (await pagesOf(db, calculator, input))?.[page];
  return wanted ? templateSvg(wanted) : null;
}

/** All pages as a PDF at 1 : 1. */
async function panelPdf(db: KitchenDb, calculator: string, input: unknown): Promise<Buffer | null> {
  const pages = await pagesOf(db, calculator, input);
  if (!pages) return null;
  registerPrintFont();
  return renderToBuffer(
    <Document title={say`Templates at 1 : 1`}>
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
              <Text key={t.text} x={t.at[0]} y={t.at[1]} style={{ fontSize: t.size, fontFamily: PRINT_FAMILY }}>
                {printable(t.text)}
              </Text>
            ))}
          </Svg>
        </Page>
      ))}
    </Document>,
  );
}
