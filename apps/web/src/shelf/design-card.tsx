import { boundsOf, flatten, formatLength, type DesignDocument, type Solution } from '@zindle/core';
import { Trash2 } from 'lucide-react';
import { Link } from 'react-router';
import type { ShelfRow } from '../api/client.ts';
import { boardView } from '../derivations/board-view.ts';
import { piecesView } from '../derivations/pieces-view.ts';
import { solvedOf } from '../derivations/solution.ts';
import { countWords } from '../derivations/things.ts';
import { clothTint, inkOn, thingTint } from '../derivations/tints.ts';
import { Signal } from '../ui/signal.tsx';

/** A design on the shelf: its wallet drawn, its sizes, and whether something is in the way. */
export function DesignCard({ row, onRemove }: { row: ShelfRow; onRemove(): void }) {
  return (
    <li className="relative flex flex-col overflow-hidden rounded-xl border border-hair bg-sheet transition-colors hover:border-ink">
      {row.document ? <Readable name={row.name} document={row.document} /> : <Unreadable row={row} />}
      <button
        type="button"
        className="absolute top-2 right-2 rounded-lg p-2 text-quiet hover:bg-white hover:text-ink"
        aria-label={`Put ${row.name} into the bin`}
        title="Into the bin"
        onClick={onRemove}
      >
        <Trash2 size={15} aria-hidden="true" />
      </button>
    </li>
  );
}

function Readable({ name, document }: { name: string; document: DesignDocument }) {
  const solved = solvedOf(document);
  const say = (mm: number) => formatLength(mm, { unit: document.unit });
  const stops = solved.ok ? solved.solution.findings.filter(({ severity }) => severity === 'stop').length : 1;
  return (
    <>
      <div className="flex h-44 items-center justify-center bg-cloth">
        {solved.ok && <SmallBoard document={document} solution={solved.solution} />}
      </div>
      <div className="flex flex-1 flex-col gap-1 px-4 py-3">
        <h2 className="text-lg leading-tight">
          <Link to={`/d/${document.id}/shape`} className="after:absolute after:inset-0 after:right-12">
            {name}
          </Link>
        </h2>
        {solved.ok && (
          <p className="text-quiet">
            {countWords(document)} · {outside(solved.solution, say)} · {say(solved.solution.closedThickness.value)}{' '}
            {document.unit} thick
          </p>
        )}
        {document.story && <p className="line-clamp-2 leading-snug">{document.story}</p>}
        <p className="mt-auto flex gap-2 pt-1 text-[13px]">
          <Signal of={stops > 0 ? 'stop' : 'fine'} />
          {!solved.ok
            ? 'Stop: this version cannot draw it'
            : stops > 0
              ? 'Stop: not everything has a home'
              : 'In order: everything goes in'}
        </p>
      </div>
    </>
  );
}

function Unreadable({ row }: { row: ShelfRow }) {
  const newer = row.problem?.code === 'document.newer';
  return (
    <div className="flex flex-1 flex-col gap-2 px-4 py-4 pr-12">
      <h2 className="text-lg leading-tight">{row.name}</h2>
      <p className="flex gap-2">
        <Signal of="stop" />
        <b className="font-semibold">{newer ? 'Written by a newer Zindle' : 'Damaged'}</b>
      </p>
      <p className="text-quiet">{row.problem?.message}</p>
      <p className="text-quiet">It was left as it is. The rest of the shelf is not concerned.</p>
    </div>
  );
}

/** Its first finished size by its height. */
function outside({ finished }: Solution, say: (mm: number) => string): string {
  const [width] = Object.values(finished);
  return [width, finished.height].flatMap((size) => (size ? [say(size.value)] : [])).join(' × ');
}

/** Kinds whose things lie in pockets that show them; elsewhere what is hidden is dotted. */
const FOLDED = ['foldover', 'folio'];
/** All cards share one scale, so that sizes compare. */
const SCALE = 1.3;

function SmallBoard({ document, solution }: { document: DesignDocument; solution: Parameters<typeof boardView>[1] }) {
  const view = boardView(document, solution);
  if (!view) return <SmallPieces document={document} solution={solution} />;
  const tops = view.holders.flatMap(({ layers }) =>
    layers.map((layer) => (layer.kind === 'thing' ? layer.thing.y1 : 0)),
  );
  const over = Math.max(0, ...tops.map((top) => top - view.height));
  const scale = Math.min(SCALE, 310 / view.width, 142 / (view.height + over));
  const [width, height] = [view.width * scale, view.height * scale];
  const above = over * scale;
  const box = ({ x0, x1, y0, y1 }: { x0: number; x1: number; y0: number; y1: number }) => ({
    x: x0 * scale + 4,
    y: height - y1 * scale + 4,
    width: (x1 - x0) * scale,
    height: (y1 - y0) * scale,
  });
  const hidden = inkOn(clothTint(document, view.ground));
  const ink = { stroke: '#1F2B44', strokeWidth: 0.7 };
  return (
    <svg
      width={width + 8}
      height={height + above + 8}
      viewBox={`0 ${-above} ${width + 8} ${height + above + 8}`}
      role="img"
      aria-label={view.title}
    >
      <rect
        x="4"
        y="4"
        width={width}
        height={height}
        rx="2"
        fill={clothTint(document, view.ground)}
        stroke={clothTint(document, 'exterior')}
        strokeWidth="4"
      />
      <rect x="2" y="2" width={width + 4} height={height + 4} rx="3" fill="none" {...ink} />
      {view.holders.map((holder) => (
        <g key={holder.id}>
          {(holder.face === 'left' || holder.face === 'right') && (
            <rect {...box(holder)} fill={clothTint(document, 'pocket')} {...ink} />
          )}
          {holder.layers.map((layer, index) =>
            layer.kind === 'thing' ? (
              <rect
                key={index}
                {...box(layer.thing)}
                rx={layer.thing.radius * scale}
                fill={thingTint(document, layer.thing.line)}
                {...ink}
              />
            ) : (
              <rect key={index} {...box(layer.front)} fill={clothTint(document, layer.front.cloth)} {...ink} />
            ),
          )}
          {holder.face !== 'left' &&
            !FOLDED.includes(document.body.kind) &&
            holder.layers.map(
              (layer, index) =>
                layer.kind === 'thing' && (
                  <rect
                    key={`hidden-${index}`}
                    {...box(layer.thing)}
                    rx={layer.thing.radius * scale}
                    fill="none"
                    stroke={hidden}
                    strokeDasharray="2 3"
                    opacity="0.7"
                  />
                ),
            )}
        </g>
      ))}
      {view.folds.map(({ x0, x1 }) => (
        <path
          key={x0}
          d={`M${x0 * scale + 4} 0V${height + 8}M${x1 * scale + 4} 0V${height + 8}`}
          stroke="#0F6B66"
          strokeWidth="0.8"
          strokeDasharray="7 3 1.5 3"
        />
      ))}
    </svg>
  );
}

/** The pieces of a design whose family has no board yet, at one scale. */
function SmallPieces({ document, solution }: { document: DesignDocument; solution: Solution }) {
  const view = piecesView(solution.pieces, 900, 0);
  const scale = Math.min(0.32, 310 / view.width, 142 / view.height);
  return (
    <svg width={view.width * scale + 4} height={view.height * scale + 4} role="img" aria-label="Its pieces">
      {view.placed.map(({ piece, x, y, height }) => {
        const { left, bottom } = boundsOf(piece.cut);
        const points = flatten(piece.cut, { tolerance: 0.5 }).map(
          ([px, py]) => `${(x + px - left) * scale + 2},${(y + height - (py - bottom)) * scale + 2}`,
        );
        return (
          <polygon
            key={piece.id}
            points={points.join(' ')}
            fill={clothTint(document, piece.role)}
            stroke="#1F2B44"
            strokeWidth="0.7"
          />
        );
      })}
    </svg>
  );
}
