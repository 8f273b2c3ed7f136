/** A sheet of labels: paper in points, columns by rows, margins and the gap between columns. */
export interface LabelSheet {
  readonly name: string;
  readonly size: 'A4' | 'LETTER';
  readonly columns: number;
  readonly rows: number;
  readonly marginXPt: number;
  readonly marginYPt: number;
  readonly gapPt: number;
  readonly widthPt: number;
  readonly heightPt: number;
}

/** 595.28 × 841.89 pt and 612 × 792 pt, divided evenly: any plain label sheet of these grids, or scissors. */
export const LABEL_SHEETS = {
  a4: {
    name: 'A4, 3 by 8',
    size: 'A4',
    columns: 3,
    rows: 8,
    marginXPt: 20,
    marginYPt: 36,
    gapPt: 7,
    widthPt: 180,
    heightPt: 96,
  },
  letter: {
    name: 'Letter, 3 by 10',
    size: 'LETTER',
    columns: 3,
    rows: 10,
    marginXPt: 14,
    marginYPt: 36,
    gapPt: 8.5,
    widthPt: 189,
    heightPt: 72,
  },
} as const satisfies Record<string, LabelSheet>;
export type LabelSheetId = keyof typeof LABEL_SHEETS;
