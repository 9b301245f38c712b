import { refused } from '../common/api-error.ts';

/** The text of a file, and how it was understood if that is worth saying. */
export interface Decoded {
  text: string;
  note?: string;
}

const OLD = 'The file is not UTF-8: it was read as Windows-1252. Look whether accented letters are right.';

/** Reads bytes as text: UTF-8, UTF-16 with its mark, else Windows-1252.
 * @throws ApiError for what is no text */
export function decodeText(bytes: Buffer): Decoded {
  if (bytes.length === 0) throw refused('import.empty', 'The file is empty.');
  const wide = (bytes[0] === 0xff && bytes[1] === 0xfe) || (bytes[0] === 0xfe && bytes[1] === 0xff);
  if (wide) return { text: new TextDecoder(bytes[0] === 0xff ? 'utf-16le' : 'utf-16be').decode(bytes) };
  if (bytes.includes(0)) throw refused('import.noText', 'This is no text file. Export it as CSV, SVG or text DXF.');
  try {
    return { text: new TextDecoder('utf-8', { fatal: true }).decode(bytes) };
  } catch {
    return { text: new TextDecoder('windows-1252').decode(bytes), note: OLD };
  }
}
