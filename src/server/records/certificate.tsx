import { Document, Page, renderToBuffer, StyleSheet, Text, View } from '@react-pdf/renderer';
import { CAUTION_LINE } from '@/wording/cautions';
import { type PaperId, PAPERS } from '../papers';
import { FAMILY, registerFonts } from '../pdf-fonts';

/** What stands on a certificate, as words. */
export interface CertificateText {
  readonly name: string;
  readonly crew: string;
  readonly title: string;
  readonly points: readonly string[];
  readonly done: string;
  readonly signedBy: string;
  readonly signedOn: string;
  readonly until: string;
  /** Said in the place of how long it is good for. */
  readonly takenBack: string | null;
  readonly note: string;
  readonly id: string;
}

const s = StyleSheet.create({
  page: { padding: 40, fontFamily: FAMILY, fontSize: 11, lineHeight: 1.35, color: '#000000' },
  card: { border: '1.5pt solid #000000', padding: 22 },
  crew: { fontSize: 10 },
  name: { fontSize: 26, fontWeight: 700, lineHeight: 1.15, marginTop: 8 },
  title: { fontSize: 17, fontWeight: 700, lineHeight: 1.2, marginTop: 4, marginBottom: 10 },
  point: { flexDirection: 'row', marginBottom: 2 },
  tick: { width: 14 },
  rule: { borderTop: '0.7pt solid #000000', marginTop: 12, paddingTop: 8 },
  bold: { fontWeight: 700 },
  small: { fontSize: 8, marginTop: 10, color: '#4A4A4A' },
});

/** A card that says what somebody was seen to do, by whom, and until when that is good. */
export async function certificatePdf(t: CertificateText, paper: PaperId): Promise<Buffer> {
  registerFonts();
  return renderToBuffer(
    <Document title={`${t.title}: ${t.name}`} producer="Vast Cleat" creator="Vast Cleat">
      <Page size={PAPERS[paper]} style={s.page}>
        <View style={s.card}>
          <Text style={s.crew}>{t.crew}</Text>
          <Text style={s.name}>{t.name}</Text>
          <Text style={s.title}>{t.title}</Text>
          {t.points.map((point) => (
            <View key={point} style={s.point}>
              <Text style={s.tick}>+</Text>
              <Text>{point}</Text>
            </View>
          ))}
          <View style={s.rule}>
            <Text>{t.done}</Text>
            {t.note ? <Text>{t.note}</Text> : null}
            <Text>
              Seen and signed by <Text style={s.bold}>{t.signedBy}</Text> on {t.signedOn}.
            </Text>
            <Text style={s.bold}>{t.takenBack ?? `Good until ${t.until}.`}</Text>
          </View>
          <Text style={s.small}>
            {CAUTION_LINE} Record {t.id}.
          </Text>
        </View>
      </Page>
    </Document>,
  );
}
