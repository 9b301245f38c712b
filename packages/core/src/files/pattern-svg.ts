import { drawPiece, layerIds, lineStyles, type LayerId, type PieceDrawing } from './drawing.ts';
import { placeOnSheet } from './place-on-paper.ts';
import { pieceWords, printed, type PatternSource } from './words.ts';

const escapes: Record<string, string> = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;', "'": '&#39;' };
const escape = (text: string): string => text.replace(/[&<>"']/g, (sign) => escapes[sign]!);
const SHEET_WIDTH = 600;

/** All pieces on one sheet as SVG, true size in mm, one group a layer and piece. */
export function patternSvg(source: PatternSource): string {
  const drawings = new Map(printed(source).map((piece) => [piece.id, drawPiece(piece, pieceWords(piece, source))]));
  const things = [...drawings].map(([id, { width, height }]) => ({ id, width, height }));
  const sheet = placeOnSheet(things, SHEET_WIDTH);
  const layers = layerIds.map((layer) => {
    const groups = sheet.placed.map(({ id, x, y }) => {
      const body = layer === 'labels' ? texts(drawings.get(id)!) : paths(layer, drawings.get(id)!, id);
      return `<g data-piece="${escape(id)}" transform="translate(${round(x)} ${round(y)})">${body}</g>`;
    });
    return `<g id="${layer}" ${groupStyle(layer)}>\n${groups.join('\n')}\n</g>`;
  });
  const [width, height] = [round(sheet.width), round(sheet.height)];
  return [
    '<?xml version="1.0" encoding="UTF-8"?>',
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}mm" height="${height}mm" viewBox="0 0 ${width} ${height}">`,
    `<title>${escape(source.document.name)}</title>`,
    ...layers,
    '</svg>\n',
  ].join('\n');
}

const round = (value: number): number => Math.round(value * 1e4) / 1e4;

function groupStyle(layer: LayerId): string {
  if (layer === 'labels') return 'fill="#1F2B44" font-family="Instrument Sans, sans-serif"';
  const { colour, width, dash } = lineStyles[layer];
  return `fill="none" stroke="${colour}" stroke-width="${width}"${dash.length > 0 ? ` stroke-dasharray="${dash.join(' ')}"` : ''}`;
}

const paths = (layer: Exclude<LayerId, 'labels'>, drawing: PieceDrawing, id: string): string =>
  drawing.paths[layer].map((d, index) => `<path id="${escape(`${id}/${layer}-${index + 1}`)}" d="${d}"/>`).join('');

const texts = (drawing: PieceDrawing): string =>
  drawing.texts
    .map(({ text, x, y, size, bold, centred }) => {
      const style = `${bold ? ' font-weight="600"' : ''}${centred ? ' text-anchor="middle"' : ''}`;
      return `<text x="${round(x)}" y="${round(y)}" font-size="${round(size)}"${style}>${escape(text)}</text>`;
    })
    .join('');
