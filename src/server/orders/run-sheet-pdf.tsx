import { Document, Image as Picture, Page, View, renderToBuffer } from '@react-pdf/renderer';
import { onTheScale } from '../../core/measure/show-quantity';
import { counted } from '../../core/measure/counted';
import { say, terms } from '../../core/words/say';
import type { KitchenDb } from '../../data/kitchen-db';
import { FileAnswer } from '../shared/file-answer';
import { registerPrintFont } from '../shared/print-font';
import { PageFoot, printed as styles, Text } from '../shared/printed';
import { loadRunSheet, type RunRow, type RunSheet } from './run-sheet';

/** What paper can show of a picture; the others are named. */
const SHOWN: Readonly<Record<string, 'jpg' | 'png'>> = { 'image/jpeg': 'jpg', 'image/png': 'png' };
/** pt */
const PICTURE = { maxWidth: 250, height: 150 };
const BOLD = { fontWeight: 700 } as const;

/** The run sheet of an order as a file; null where there is none with this number. */
export async function runSheetFile(db: KitchenDb, id: number): Promise<FileAnswer | null> {
  const sheet = await loadRunSheet(db, id);
  return sheet && new FileAnswer(`run-sheet-${id}.pdf`, 'application/pdf', await runSheetPdf(sheet), 'inline');
}

/** One cake on paper: whom it is for, what was agreed, what it is made of, and its rungs in their order with boxes to tick. */
async function runSheetPdf({ kitchen, order, rows, pictures }: RunSheet): Promise<Buffer> {
  registerPrintFont();
  const { agreed } = order;
  const grams = (g: number) => `${onTheScale(g)} g`;
  const said: [string, string][] = [
    [say`Inscription`, order.inscription && `“${order.inscription}”`],
    [say`Inscription stands`, agreed.inscriptionAt],
    [say`Colours`, agreed.colours],
    [say`Must not be forgotten`, order.note],
    [say`Goes to`, agreed.goesTo],
    [say`Box`, agreed.box],
    [say`Stands`, agreed.stands],
    ...agreed.undecided.map((u): [string, string] => [say`Not agreed yet`, say`${u.what}, by ${u.by}`]),
  ];
  return renderToBuffer(
    <Document title={say`Run sheet, ${order.title}`}>
      <Page size="A4" style={styles.page}>
        <Text style={styles.title}>{order.title}</Text>
        <Text style={{ fontSize: 12, fontWeight: 700 }}>{order.pickup}</Text>
        <Text>{`${order.customer} · ${order.called}, ${order.sizeName} · ${counted(order.portions, 'portion')}`}</Text>
        <Text style={styles.muted}>{kitchen}</Text>
        {order.avoid.length > 0 && (
          <Text style={{ ...BOLD, marginTop: 6 }}>{say`The eaters must not get: ${terms(order.avoid)}`}</Text>
        )}
        <Text>{say`Contains: ${terms(order.allergens.map((a) => a.allergen))}`}</Text>
        {said
          .filter(([, what]) => what !== '')
          .map(([name, what]) => (
            <Text key={`${name} ${what}`}>
              {name}: {what}
            </Text>
          ))}
        {agreed.notBorne && <Text style={BOLD}>{agreed.notBorne}</Text>}
        {pictures.length > 0 && (
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', marginTop: 8 }}>
            {pictures.map((p, i) => (
              <View key={i} style={{ marginRight: 8, marginBottom: 6 }} wrap={false}>
                {SHOWN[p.type] ? (
                  <Picture
                    src={{ data: Buffer.from(p.bytes), format: SHOWN[p.type]! }}
                    style={{ ...PICTURE, objectFit: 'contain' }}
                  />
                ) : (
                  <Text style={styles.muted}>{say`a picture that only screens show`}</Text>
                )}
                {p.words !== '' && <Text style={styles.muted}>{p.words}</Text>}
              </View>
            ))}
          </View>
        )}
        <Text style={styles.section}>{say`What it is made of`}</Text>
        {order.parts.map((p) => (
          <View key={p.role} style={styles.row} wrap={false}>
            <Text style={{ width: 150, ...BOLD }}>{p.label}</Text>
            <Text style={{ width: 60 }}>{grams(p.grams)}</Text>
            <Text style={{ flex: 1 }}>
              {p.portions
                .filter((x) => !x.leftOver)
                .map((x) => `${x.use} ${grams(x.grams)}`)
                .join(' · ')}
            </Text>
          </View>
        ))}
        <Text style={styles.section}>{say`Its rungs, in their order`}</Text>
        {rows.map((r) => (
          <Rung key={r.step} row={r} />
        ))}
        <PageFoot />
      </Page>
    </Document>,
  );
}

function Rung({ row: r }: { row: RunRow }) {
  const detail = [r.minutes, r.who, r.with, ...(r.together.length > 0 ? [say`with ${r.together.join(', ')}`] : [])];
  return (
    <View style={styles.row} wrap={false}>
      <View style={r.done ? [styles.box, styles.full] : styles.box} />
      <Text style={{ ...styles.time, width: 96 }}>{r.when ?? say`no time yet`}</Text>
      <View style={{ flex: 1 }}>
        <Text style={BOLD}>{r.part === null ? r.name : `${r.name}, ${r.part}`}</Text>
        <Text style={styles.muted}>{detail.filter((d) => d !== '').join(' · ')}</Text>
        {r.amount && <Text>{r.amount}</Text>}
        {r.goesIn.map((line) => (
          <Text key={line} style={BOLD}>{say`In goes: ${line}`}</Text>
        ))}
        <Text>{r.sign ? say`${r.how} Until: ${r.sign}.` : r.how}</Text>
        {r.check && <Text>{say`Check: ${r.check.text}. If not: ${r.check.otherwise}`}</Text>}
        {r.cautions.map((c) => (
          <Text key={c} style={BOLD}>{say`Take care. ${c}`}</Text>
        ))}
      </View>
    </View>
  );
}
