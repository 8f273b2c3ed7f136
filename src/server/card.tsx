import {
  Document,
  Image,
  Page,
  Path,
  renderToBuffer,
  StyleSheet,
  Svg,
  Text,
  View,
} from '@react-pdf/renderer';
import QRCode from 'qrcode';
import type { PrintedDeck, PrintInk } from '@/core/securement/stage/printed';
import type { Verdict } from '@/core/securement/verdict';
import { CAUTIONS } from '@/wording/cautions';
import type { Printed } from '@/wording/printed';
import { VERDICT_WORDS } from '@/wording/verdicts';
import { type PaperId, PAPERS } from './papers';
import { FAMILY, registerFonts } from './pdf-fonts';

/** What stands on a card besides the plan itself. */
export interface CardText {
  readonly printed: Printed;
  readonly crew: string;
  readonly version: number;
  readonly savedBy: string;
  /** When it was saved, and when this card was made: as words. */
  readonly savedAt: string;
  readonly madeAt: string;
  /** When lines are to be checked, each with room for initials. */
  readonly checks: readonly string[];
  /** Where the plan is found. */
  readonly address: string;
}

const INKS: Record<PrintInk, string> = {
  none: 'none',
  black: '#000000',
  grey: '#8A8A8A',
  pale: '#EFEADC',
  white: '#FFFFFF',
};

const s = StyleSheet.create({
  page: { padding: 24, fontFamily: FAMILY, fontSize: 8, lineHeight: 1.25, color: '#000000' },
  row: { flexDirection: 'row' },
  title: { fontSize: 17, fontWeight: 700, lineHeight: 1.1 },
  bold: { fontWeight: 700 },
  h2: {
    fontSize: 9.5,
    fontWeight: 700,
    borderBottom: '1pt solid #000000',
    marginTop: 6,
    marginBottom: 2,
  },
  cell: { paddingRight: 4, paddingVertical: 1.5 },
  line: { flexDirection: 'row', borderBottom: '0.4pt solid #8A8A8A' },
  box: { width: 62, height: 15, border: '0.7pt solid #000000', marginLeft: 6 },
});

/** The word of a verdict in its pattern: solid, hatched by a border of dashes, barred by a line across, or open. */
function VerdictBox({ verdict }: { verdict: Verdict }) {
  const solid = verdict === 'holds';
  return (
    <View
      style={{
        alignSelf: 'flex-start',
        padding: 6,
        border: verdict === 'short' ? '2pt dashed #000000' : '2pt solid #000000',
        backgroundColor: solid ? '#000000' : '#FFFFFF',
      }}
    >
      <Text
        style={{
          fontSize: 18,
          lineHeight: 1.1,
          fontWeight: 700,
          color: solid ? '#FFFFFF' : '#000000',
          textDecoration: verdict === 'barred' ? 'line-through' : 'none',
        }}
      >
        {VERDICT_WORDS[verdict]}
      </Text>
    </View>
  );
}

function Deck({ deck }: { deck: PrintedDeck }) {
  return (
    <Svg width={deck.width} height={deck.height} viewBox={`0 0 ${deck.width} ${deck.height}`}>
      {deck.shapes.map((shape, i) =>
        shape.kind === 'path' ? (
          <Path
            key={i}
            d={shape.d}
            fill={INKS[shape.fill]}
            stroke={INKS[shape.stroke]}
            strokeWidth={shape.width}
            {...(shape.dash ? { strokeDasharray: shape.dash } : {})}
          />
        ) : (
          <Text
            key={i}
            x={shape.x}
            y={shape.y}
            fill={INKS[shape.ink]}
            textAnchor={shape.anchor}
            style={{ fontSize: shape.size, fontFamily: FAMILY, fontWeight: 700 }}
          >
            {shape.text}
          </Text>
        ),
      )}
    </Svg>
  );
}

function Lines({ lines }: { lines: Printed['lines'] }) {
  const columns = [
    ['No.', 22],
    ['Line', 118],
    ['Knots', 150],
    ['Keeps', 52],
    ['WLL', 52],
    ['Weakest at', 140],
  ] as const;
  const rows = lines.map((l, i) => [
    String(i + 1),
    `${l.name}, ${l.run}`,
    l.knots || 'none',
    l.counts,
    l.wll,
    l.weakest,
  ]);
  return (
    <>
      <View style={s.line}>
        {columns.map(([name, width]) => (
          <Text key={name} style={[s.cell, s.bold, { width }]}>
            {name}
          </Text>
        ))}
      </View>
      {rows.map((row, i) => (
        <View key={i} style={s.line} wrap={false}>
          {row.map((cell, k) => (
            <Text key={k} style={[s.cell, { width: columns[k]![1] }]}>
              {cell}
            </Text>
          ))}
        </View>
      ))}
    </>
  );
}

/** A plan that is full is set smaller, so that it stays on one page. */
const SIZES = [
  { rows: 14, fontSize: 8 },
  { rows: 22, fontSize: 7 },
  { rows: Infinity, fontSize: 6 },
] as const;

function Body({ card, qr }: { card: CardText; qr: string }) {
  const { printed } = card;
  return (
    <>
      <View style={[s.row, { justifyContent: 'space-between' }]}>
        <View style={{ flex: 1, paddingRight: 10 }}>
          <Text style={s.title}>{printed.title}</Text>
          <Text>
            {card.crew}, {printed.deckName}. Version {card.version}, {card.savedBy}, {card.savedAt}.
          </Text>
          <Text>{printed.edition}</Text>
          <Text style={[s.bold, { fontSize: 10, marginTop: 3 }]}>{printed.headline}</Text>
        </View>
        <VerdictBox verdict={printed.verdict} />
        <Image src={qr} style={{ width: 66, height: 66, marginLeft: 8 }} />
      </View>
      <View style={[s.row, { marginTop: 4 }]}>
        <Deck deck={printed.deck} />
        <View style={{ flex: 1, paddingLeft: 10 }}>
          <Text style={s.h2}>Load</Text>
          {printed.units.map((u) => (
            <Text key={u.id}>{u.words}</Text>
          ))}
          <Text style={s.h2}>Held of needed: rule, statics</Text>
          {printed.rows.map((r) => (
            <View key={r.key} style={s.line}>
              <View style={{ width: 80 }}>
                <Text style={s.cell}>{r.what}</Text>
                {r.clause ? <Text style={{ fontSize: 6 }}>{r.clause}</Text> : null}
              </View>
              <Text style={[s.cell, { width: 76 }]}>{r.rule}</Text>
              <Text style={[s.cell, { width: 76 }]}>{r.statics}</Text>
              <Text style={[s.cell, s.bold, { flex: 1 }]}>{VERDICT_WORDS[r.verdict]}</Text>
            </View>
          ))}
          <Text style={s.h2}>Checks, with initials</Text>
          {card.checks.map((c) => (
            <View key={c} style={[s.row, { marginTop: 3, alignItems: 'center' }]}>
              <Text style={{ flex: 1 }}>{c}</Text>
              <View style={s.box} />
            </View>
          ))}
        </View>
      </View>
      <Text style={s.h2}>Lines</Text>
      <Lines lines={printed.lines} />
      <Text style={s.h2}>What to know</Text>
      {printed.findings.slice(0, 8).map((f, i) => (
        <Text key={i}>
          {f.words} {f.clause}
        </Text>
      ))}
      {printed.findings.length > 8 ? (
        <Text>And {printed.findings.length - 8} more: look at the plan.</Text>
      ) : null}
      <View style={{ marginTop: 6, borderTop: '1pt solid #000000', paddingTop: 3 }}>
        {CAUTIONS.map((c) => (
          <Text key={c}>{c}</Text>
        ))}
        <Text>
          Made {card.madeAt}. {card.address}
        </Text>
      </View>
    </>
  );
}

/** The card a driver carries: one page, the deck drawn, lines, verdict, checks with room for initials, cautions. */
export async function cardPdf(card: CardText, paper: PaperId): Promise<Buffer> {
  registerFonts();
  const { printed } = card;
  const qr = await QRCode.toDataURL(card.address, {
    errorCorrectionLevel: 'M',
    margin: 1,
    scale: 8,
  });
  const rows =
    printed.lines.length + printed.units.length + printed.rows.length + printed.findings.length;
  const { fontSize } = SIZES.find((size) => rows <= size.rows)!;
  return renderToBuffer(
    <Document title={printed.title} producer="Vast Cleat" creator="Vast Cleat">
      <Page size={PAPERS[paper]} style={[s.page, { fontSize }]}>
        <Body card={card} qr={qr} />
      </Page>
    </Document>,
  );
}
