import { Document, Image, Page, renderToBuffer, StyleSheet, Text, View } from '@react-pdf/renderer';
import QRCode from 'qrcode';
import { FAMILY, registerFonts } from './pdf-fonts';
import { type LabelSheet, LABEL_SHEETS, type LabelSheetId } from './tag-sheets';

/** What stands on a tag besides its code. */
export interface TagText {
  readonly code: string;
  readonly lines: readonly string[];
  readonly crew: string;
}

const styles = StyleSheet.create({
  label: {
    position: 'absolute',
    flexDirection: 'row',
    alignItems: 'center',
    padding: 5,
    border: '0.5pt solid #B5B9AE',
  },
  words: { flex: 1, paddingLeft: 7 },
  code: { fontFamily: FAMILY, fontWeight: 700, fontSize: 15, lineHeight: 1.15 },
  line: { fontFamily: FAMILY, fontWeight: 400, fontSize: 8, lineHeight: 1.3 },
});

function Label({
  tag,
  qr,
  sheet,
  at,
}: {
  tag: TagText;
  qr: string;
  sheet: LabelSheet;
  at: number;
}) {
  const left = sheet.marginXPt + (at % sheet.columns) * (sheet.widthPt + sheet.gapPt);
  const top = sheet.marginYPt + Math.floor(at / sheet.columns) * sheet.heightPt;
  const side = sheet.heightPt - 12;
  return (
    <View style={[styles.label, { left, top, width: sheet.widthPt, height: sheet.heightPt - 2 }]}>
      <Image src={qr} style={{ width: side, height: side }} />
      <View style={styles.words}>
        <Text style={[styles.code, { fontSize: tag.code.length > 10 ? 10 : 15 }]}>{tag.code}</Text>
        {tag.lines.map((line, i) => (
          <Text key={i} style={styles.line}>
            {line}
          </Text>
        ))}
        <Text style={[styles.line, { color: '#5A5F55' }]}>{tag.crew}</Text>
      </View>
    </View>
  );
}

/** Labels as a PDF, each with its code as a QR code; `from` labels of the first sheet are used up already. */
export async function tagSheet(
  tags: readonly TagText[],
  sheetId: LabelSheetId,
  from: number,
): Promise<Buffer> {
  registerFonts();
  const sheet = LABEL_SHEETS[sheetId];
  const each = sheet.columns * sheet.rows;
  const codes = await Promise.all(
    tags.map((t) => QRCode.toDataURL(t.code, { errorCorrectionLevel: 'M', margin: 2, scale: 8 })),
  );
  const pages = Math.max(1, Math.ceil((tags.length + from) / each));
  return renderToBuffer(
    <Document title="Tags" producer="Vast Cleat" creator="Vast Cleat">
      {Array.from({ length: pages }, (_, page) => (
        <Page key={page} size={sheet.size}>
          {tags
            .map((tag, i) => ({ tag, qr: codes[i]!, at: i + from }))
            .filter(({ at }) => Math.floor(at / each) === page)
            .map(({ tag, qr, at }) => (
              <Label key={tag.code} tag={tag} qr={qr} sheet={sheet} at={at % each} />
            ))}
        </Page>
      ))}
    </Document>,
  );
}
