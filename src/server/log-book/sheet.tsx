import { Document, Page, renderToBuffer, StyleSheet, Text, View } from '@react-pdf/renderer';
import { CAUTION_LINE } from '@/wording/cautions';
import { type PaperId, PAPERS } from '../papers';
import { FAMILY, registerFonts } from '../pdf-fonts';

/** What stands on the printed log, as words. `more`: there is more than is printed. */
export interface LogSheetText {
  readonly crew: string;
  readonly madeAt: string;
  readonly entries: readonly {
    readonly at: string;
    readonly by: string;
    readonly title: string;
    readonly says: string;
    readonly corrected: string;
  }[];
  readonly more: boolean;
}

const s = StyleSheet.create({
  page: { padding: 34, fontFamily: FAMILY, fontSize: 9, lineHeight: 1.3, color: '#000000' },
  title: { fontSize: 20, fontWeight: 700, lineHeight: 1.2, marginBottom: 8 },
  entry: {
    flexDirection: 'row',
    borderTop: '0.5pt solid #8A8A8A',
    paddingVertical: 4,
  },
  when: { width: 118, paddingRight: 8 },
  what: { flex: 1 },
  bold: { fontWeight: 700 },
  struck: { textDecoration: 'line-through' },
  small: { fontSize: 8, marginTop: 12, color: '#4A4A4A' },
});

/** The log on paper: what was, when, by whom, and what was corrected. */
export async function logSheetPdf(t: LogSheetText, paper: PaperId): Promise<Buffer> {
  registerFonts();
  return renderToBuffer(
    <Document title={`Log of ${t.crew}`} producer="Vast Cleat" creator="Vast Cleat">
      <Page size={PAPERS[paper]} style={s.page}>
        <Text>{t.crew}</Text>
        <Text style={s.title}>Log</Text>
        {t.entries.map((e, i) => (
          <View key={i} style={s.entry} wrap={false}>
            <View style={s.when}>
              <Text>{e.at}</Text>
              <Text>{e.by}</Text>
            </View>
            <View style={s.what}>
              <Text style={s.bold}>{e.title}</Text>
              <Text style={e.corrected ? s.struck : {}}>{e.says}</Text>
              {e.corrected ? <Text>{e.corrected}</Text> : null}
            </View>
          </View>
        ))}
        {t.entries.length === 0 ? <Text>Nothing is in it.</Text> : null}
        <Text style={s.small}>
          {CAUTION_LINE} Printed {t.madeAt}
          {t.more ? '; there is more than is printed here: narrow it, or export the table.' : '.'}
        </Text>
      </Page>
    </Document>,
  );
}
