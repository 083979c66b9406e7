import { StyleSheet, Text as PdfText, type TextProps } from '@react-pdf/renderer';
import type { ReactNode } from 'react';
import { say } from '../../core/words/say';
import { PRINT_FAMILY, printable } from './print-font';

/** How all lists on paper look. Points. */
export const printed = StyleSheet.create({
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
export function Text({ children, ...more }: TextProps & { children: ReactNode }) {
  return <PdfText {...more}>{inFont(children)}</PdfText>;
}

const inFont = (content: ReactNode): ReactNode =>
  typeof content === 'string' ? printable(content) : Array.isArray(content) ? content.map(inFont) : content;

/** At the foot of every page: what decides, and which page it is. */
export function PageFoot() {
  return (
    <PdfText
      style={printed.foot}
      fixed
      render={({ pageNumber, totalPages }) =>
        say`Estimates; scale, sign and probe decide. Local food law comes first. Page ${pageNumber} of ${totalPages}`
      }
    />
  );
}
