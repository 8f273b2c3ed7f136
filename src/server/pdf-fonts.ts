import path from 'node:path';
import { Font } from '@react-pdf/renderer';

/** Archivo and, for letters it keeps in a file of their own, the same face again. */
const FACES = { Archivo: 'latin', 'Archivo Extended': 'latin-ext' } as const;
/** The families that a PDF sets its text in. */
export const FAMILY = Object.keys(FACES);
let fontsReady = false;

/** The shipped face, as files that the PDF embeds; built-in PDF fonts know no letters beyond Western Europe. */
export function registerFonts(): void {
  if (fontsReady) return;
  const folder = path.join(process.cwd(), 'node_modules', '@fontsource', 'archivo', 'files');
  for (const [family, subset] of Object.entries(FACES)) {
    Font.register({
      family,
      fonts: ([400, 700] as const).map((fontWeight) => ({
        src: path.join(folder, `archivo-${subset}-${fontWeight}-normal.woff`),
        fontWeight,
      })),
    });
  }
  Font.registerHyphenationCallback((word) => [word]);
  fontsReady = true;
}
