import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';

const require = createRequire(import.meta.url);
const font = (weight: 400 | 600): Uint8Array =>
  readFileSync(require.resolve(`@fontsource/instrument-sans/files/instrument-sans-latin-${weight}-normal.woff`));

let fonts: { regular: Uint8Array; bold: Uint8Array } | undefined;

/** The fonts of the printed pattern, read once. */
export const pdfFonts = () => (fonts ??= { regular: font(400), bold: font(600) });
