import { say } from '../../core/words/say';
import { Document, Page, View, renderToBuffer } from '@react-pdf/renderer';
import { onTheScale } from '../../core/measure/show-quantity';
import { timeOf } from '../../core/time/clock';
import type { PullListView } from './pull-list';
import { FileAnswer } from '../shared/file-answer';
import { registerPrintFont } from '../shared/print-font';
import { PageFoot, printed as styles, Text } from '../shared/printed';
import type { ReactNode } from 'react';

/** The pull list as a file. */
export async function pullListFile(view: PullListView): Promise<FileAnswer> {
  return new FileAnswer(`pull-list-${view.day}.pdf`, 'application/pdf', await pullListPdf(view), 'inline');
}

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
            {view.orderBy[g.supplier] && <Text>{view.orderBy[g.supplier]!.text}</Text>}
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
        <PageFoot />
      </Page>
    </Document>,
  );
}
