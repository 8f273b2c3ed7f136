import { Document, Page, renderToBuffer, StyleSheet, Text, View } from '@react-pdf/renderer';
import { CAUTION_LINE } from '@/wording/cautions';
import { type PaperId, PAPERS } from '../papers';
import { FAMILY, registerFonts } from '../pdf-fonts';

/** What stands on the printed record of a talk, as words. */
export interface TalkSheetText {
  readonly crew: string;
  readonly heldOn: string;
  readonly questions: readonly { readonly title: string; readonly says: string }[];
  readonly people: readonly string[];
  readonly note: string;
  readonly signed: string;
  readonly id: string;
}

const s = StyleSheet.create({
  page: { padding: 40, fontFamily: FAMILY, fontSize: 11, lineHeight: 1.35, color: '#000000' },
  crew: { fontSize: 10 },
  title: { fontSize: 22, fontWeight: 700, lineHeight: 1.2, marginBottom: 10 },
  heading: {
    fontSize: 13,
    fontWeight: 700,
    borderTop: '0.7pt solid #000000',
    marginTop: 12,
    paddingTop: 6,
  },
  row: { flexDirection: 'row', justifyContent: 'space-between', marginBottom: 2 },
  words: { maxWidth: '75%' },
  people: { flexDirection: 'row', flexWrap: 'wrap' },
  person: { width: '50%', paddingRight: 8, marginBottom: 2 },
  bold: { fontWeight: 700 },
  small: { fontSize: 8, marginTop: 12, color: '#4A4A4A' },
});

/** A sheet that says what a toolbox talk was about, and who took part. */
export async function talkSheetPdf(t: TalkSheetText, paper: PaperId): Promise<Buffer> {
  registerFonts();
  return renderToBuffer(
    <Document title={`Toolbox talk ${t.heldOn}`} producer="Vast Cleat" creator="Vast Cleat">
      <Page size={PAPERS[paper]} style={s.page}>
        <Text style={s.crew}>{t.crew}</Text>
        <Text style={s.title}>Toolbox talk, {t.heldOn}</Text>
        <Text style={s.heading}>What was asked</Text>
        {t.questions.map((q, i) => (
          <View key={i} style={s.row} wrap={false}>
            <Text style={s.words}>{q.title}</Text>
            <Text>{q.says}</Text>
          </View>
        ))}
        <Text style={s.heading}>Who took part ({t.people.length})</Text>
        <View style={s.people}>
          {t.people.map((name, i) => (
            <Text key={i} style={s.person}>
              {name}
            </Text>
          ))}
        </View>
        {t.note ? <Text style={s.heading}>{t.note}</Text> : null}
        <Text style={s.heading}>{t.signed}</Text>
        <Text style={s.small}>
          {CAUTION_LINE} Record {t.id}.
        </Text>
      </Page>
    </Document>,
  );
}
