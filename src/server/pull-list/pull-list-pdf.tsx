import { say } from '../../core/words/say';
import { Document, Page, StyleSheet, Text as PdfText, View, renderToBuffer, type TextProps } from '@react-pdf/renderer';
import { onTheScale } from '../../core/measure/show-quantity';
import { timeOf } from '../../core/time/clock';
import type { PullListView } from './pull-list';
import { FileAnswer } from '../shared/file-answer';
import { PRINT_FAMILY, printable, registerPrintFont } from '../shared/print-font';
import type { ReactNode } from 'react';

/** The pull list as a file. */
export async function pullListFile(view: PullListView): Promise<FileAnswer> {
  return new FileAnswer(`pull-list-${view.day}.pdf`, 'application/pdf', await pullListPdf(view), 'inline');
}

const styles = StyleSheet.create({
  page: { fontFamily: PRINT_FAMILY, fontSize: 9.5, padding: 34, paddingBottom: 46, color: '#1c1b19' },
  title: { fontSize: 18, fontWeight: 700 },
  section: { fontSize: 12, fontWeight: 700, marginTop: 14, marginBottom: 4 },
  row: { flexDirection: 'row', borderBottomWidth: 0.5, borderBottomColor: '#b8b2a6', paddingVertical: 2.5 },
  box: { width: 9, height: 9, borderWidth: 0.8, borderColor: '#1c1b19', marginRight: 6, marginTop: 1.5 },
  full: { backgroundColor: '#1c1b19' },
  time: { width: 58, fontWeight: 700 },
  muted: { color: '#6a655b' },
  foot: { position: 'absolute', bottom: 22, left: 34, right: 34, fontSize: 8, color: '#6a655b' },
});

/** A text whose letters the font has. */
function Text({ children, ...more }: TextProps & { children: ReactNode }) {
  return <PdfText {...more}>{printed(children)}</PdfText>;
}

const printed = (content: ReactNode): ReactNode =>
  typeof content === 'string' ? printable(content) : Array.isArray(content) ? content.map(printed) : content;

/** A pull list on paper, with boxes to tick; what is ticked on the screen is ticked here. */
export async function pullListPdf(view: PullListView): Promise<Buffer> {
  registerPrintFont();
  const { list, clock } = view;
  const ticked = new Set(view.ticked);
  const time = (m: number) => timeOf(m, clock).toFormat(view.days > 1 ? 'ccc HH:mm' : 'HH:mm');
  const grams = (g: number) => `${onTheScale(g)} g`;
  const Row = ({ tick, children }: { tick: string; children: ReactNode }) => (
    <View style={styles.row} wrap={false}>
      <View style={ticked.has(tick) ? [styles.box, styles.full] : styles.box} />
      {children}
    </View>
  );
  return renderToBuffer(
    <Document title={say`Pull list, ${view.title}`}>
      <Page size="A4" style={styles.page}>
        <Text style={styles.title}>
          {say`Pull list,`} {view.title}
        </Text>
        <Text style={styles.muted}>{view.kitchen}</Text>
        <Text style={styles.section}>{say`Take out, chill, line, soak, heat`}</Text>
        {list.tasks.map((t) => (
          <Row key={t.key} tick={t.key}>
            <Text style={styles.time}>{time(t.at)}</Text>
            <Text style={{ flex: 1 }}>{t.text}</Text>
            <Text style={[styles.muted, { width: 170 }]}>{[...t.steps, ...t.forWhom].join(', ')}</Text>
          </Row>
        ))}
        <Text style={styles.section}>{say`Weigh out`}</Text>
        {list.weighOuts.map((w) => (
          <Row key={w.key} tick={w.key}>
            <Text style={styles.time}>{time(w.at)}</Text>
            <View style={{ flex: 1 }}>
              <Text style={{ fontWeight: 700 }}>
                {w.formulaName}, {grams(w.grams)}
                {w.into ? ` (${w.into})` : ''}
              </Text>
              <Text style={styles.muted}>{w.forWhom}</Text>
              <Text>
                {w.lines.map((l) => `${l.name} ${grams(l.grams)}${l.count ? ` (${l.count})` : ''}`).join(' · ')}
              </Text>
            </View>
          </Row>
        ))}
        <Text style={styles.section}>{say`Eggs`}</Text>
        <Text>
          {say`Crack`} {list.eggs.crack} {say`of`} {list.eggs.eggWeight} g: {grams(list.eggs.whole)} {say`whole,`}{' '}
          {grams(list.eggs.whites)} {say`whites,`} {grams(list.eggs.yolks)} {say`yolks. Over:`}{' '}
          {grams(list.eggs.left.whites)} {say`whites,`} {grams(list.eggs.left.yolks)} {say`yolks.`}
        </Text>
        <Text style={styles.section}>{say`To buy`}</Text>
        {list.shopping.map((g) => (
          <View key={g.supplier} wrap={false} style={{ marginBottom: 5 }}>
            <Text style={{ fontWeight: 700 }}>{g.supplier}</Text>
            <Text>
              {g.lines.some((l) => l.buy > 0)
                ? g.lines
                    .filter((l) => l.buy > 0)
                    .map((l) => `${l.name} ${grams(l.buy)}`)
                    .join(' · ')
                : say`nothing: the house has enough`}
            </Text>
          </View>
        ))}
        <PdfText
          style={styles.foot}
          fixed
          render={({ pageNumber, totalPages }) =>
            say`Estimates; scale, sign and probe decide. Local food law comes first. Page ${pageNumber} of ${totalPages}`
          }
        />
      </Page>
    </Document>,
  );
}
