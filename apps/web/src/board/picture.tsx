import { formatLength, standsOut, type Board, type DesignDocument, type LengthUnit, type Solution } from '@zindle/core';
import { lineStyles } from '@zindle/core/drawing';
import { renderToStaticMarkup } from 'react-dom/server';
import fontUrl from '@fontsource-variable/instrument-sans/files/instrument-sans-latin-wght-normal.woff2?url';
import { drawnSide } from '../derivations/drawn-side.ts';
import { tintsOf } from '../derivations/tints.ts';
import { UnitContext } from '../ui/use-length.ts';
import type { Frame } from './frame.ts';
import { SizeLines } from './size-lines.tsx';
import { INK, type Shown } from './drawing-kit.ts';
import { SideDrawing } from './side-drawing.tsx';

interface Drawn {
  document: DesignDocument;
  solution: Solution;
  board: Board;
  show: Shown;
  unit: LengthUnit;
}

/** px for each mm: a CSS inch has 96 px, so that the SVG has the true size where it is opened. */
const PX = 96 / 25.4;
const MARGIN = { left: 60, right: 90, top: 70, bottom: 120 };
/** A PNG has so many dots for a px. */
const DENSE = 2;

/** A side of a design as a file, to scale, with its sizes and a legend. */
export async function pictureOf(drawn: Drawn, kind: 'svg' | 'png'): Promise<{ blob: Blob; name: string }> {
  const font = await fontData();
  const { markup, width, height } = sideSvg(drawn, font);
  const svg = new Blob([markup], { type: 'image/svg+xml' });
  const name = `${drawn.document.id}-${drawn.board.id}.${kind}`;
  return { blob: kind === 'svg' ? svg : await rastered(svg, width, height), name };
}

/** @param font the typeface as a data address */
export function sideSvg({ document, solution, board, show, unit }: Drawn, font: string) {
  const out = standsOut(board);
  const left = MARGIN.left + out.left * PX;
  const width = Math.max(420, left + (board.width + out.right) * PX + MARGIN.right);
  const top = MARGIN.top + (show.closing ? out.top * PX : 0);
  const height = top + board.height * PX + MARGIN.bottom;
  const frame: Frame = { scale: PX, x: (mm) => left + mm * PX, y: (mm) => top + (board.height - mm) * PX };
  const { sizes } = drawnSide(document, solution, board, 'body');
  const markup = renderToStaticMarkup(
    <UnitContext value={unit}>
      <svg
        xmlns="http://www.w3.org/2000/svg"
        width={width}
        height={height}
        viewBox={`0 0 ${width} ${height}`}
        fontFamily="Instrument Sans Variable, sans-serif"
      >
        <style>{`@font-face{font-family:"Instrument Sans Variable";src:url(${font}) format("woff2");font-weight:400 700}`}</style>
        <rect width={width} height={height} fill="#F4F0E6" />
        <text x={MARGIN.left} y="30" fontSize="16" fontWeight="650" fill={INK}>
          {document.name} · {board.title}
        </text>
        <SideDrawing board={board} frame={frame} tints={tintsOf(document)} show={show} />
        {show.sizes && <SizeLines board={board} frame={frame} sizes={sizes} onChoose={() => undefined} />}
        <Legend y={height - 20} unit={unit} />
      </svg>
    </UnitContext>,
  );
  return { markup, width, height };
}

const styles = { stitching: lineStyles.stitch, fold: lineStyles.fold };

/** How lines are meant, and a length to check the print by. */
function Legend({ y, unit }: { y: number; unit: LengthUnit }) {
  const check = unit === 'in' ? 25.4 : 20;
  return (
    <g fontSize="11.5" fill="#56607A">
      {Object.entries(styles).map(([name, { colour, dash }], index) => (
        <g key={name} transform={`translate(${MARGIN.left + index * 110} ${y})`}>
          <path d="M0 -4h30" stroke={colour} strokeWidth="1.3" strokeDasharray={dash.map((mm) => mm * 2).join(' ')} />
          <text x="36">{name}</text>
        </g>
      ))}
      <g transform={`translate(${MARGIN.left + 220} ${y})`}>
        <path d={`M0 -8v8M0 -4h${check * PX}M${check * PX} -8v8`} stroke={INK} />
        <text x={check * PX + 8}>{formatLength(check, { unit, withUnit: true })} in true size</text>
      </g>
    </g>
  );
}

async function fontData(): Promise<string> {
  const bytes = new Uint8Array(await (await fetch(fontUrl)).arrayBuffer());
  let text = '';
  for (const byte of bytes) text += String.fromCharCode(byte);
  return `data:font/woff2;base64,${btoa(text)}`;
}

async function rastered(svg: Blob, width: number, height: number): Promise<Blob> {
  const url = URL.createObjectURL(svg);
  try {
    const image = new Image();
    image.src = url;
    await image.decode();
    const canvas = window.document.createElement('canvas');
    [canvas.width, canvas.height] = [width * DENSE, height * DENSE];
    canvas.getContext('2d')!.drawImage(image, 0, 0, canvas.width, canvas.height);
    return await new Promise((done, fail) =>
      canvas.toBlob((blob) => (blob ? done(blob) : fail(new Error('no picture'))), 'image/png'),
    );
  } finally {
    URL.revokeObjectURL(url);
  }
}
