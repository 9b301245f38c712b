import type { DesignDocument } from '@zindle/core';
import { useState } from 'react';
import { ThingShape } from '../../board/thing-shape.tsx';
import { pressable } from '../../board/pressable.ts';
import { Table } from '../../board/table.tsx';
import { tableView, type TableThing } from '../../derivations/table-view.ts';
import { countWords, thingsToHold } from '../../derivations/things.ts';
import { thingTint } from '../../derivations/tints.ts';
import { useDesign } from '../../store/design-context.ts';
import { CARD, useTrueSize } from '../../store/true-size.ts';
import { sizeWords } from '../../ui/size-words.ts';
import { useLength } from '../../ui/use-length.ts';
import { TrueSizeDialog } from './true-size-dialog.tsx';

const MARGIN = { x: 44, top: 66, bottom: 24 };
const SCALES = [2.6, 2.1, 1.7, 1.35, 1.05, 0.8, 0.55, 0.35, 0.2];

interface Props {
  document: DesignDocument;
  chosen: string | undefined;
  onInvite(): void;
}

/** Everything it must hold, drawn at one scale on squared paper. */
export function ThingsTable({ document, chosen, onInvite }: Props) {
  const things = thingsToHold(document);
  const pxPerMm = useTrueSize((state) => state.pxPerMm);
  const [trueSize, showTrueSize] = useState(false);
  const [measuring, measure] = useState(false);
  const fixed = trueSize ? pxPerMm : undefined;
  return (
    <>
      <Table
        title={fixed ? 'Everything it must hold, in true size' : 'Everything it must hold, at one scale'}
        label="Everything it must hold"
        lay={({ width, height }) => {
          const { scale, view } = fitted(things, width - 2 * MARGIN.x, height - MARGIN.top - MARGIN.bottom, fixed);
          const inHand = view.things.find(({ thing }) => thing.line.id === chosen);
          const drawing = (
            <>
              <SquaredPaper scale={scale} />
              <text x={width - 18} y={30} fontSize="12" fill="#56607A" textAnchor="end">
                {countWords(document)} · squares of 10 mm
              </text>
              {view.things.map((placed) => {
                const { id } = placed.thing.line;
                return (
                  <ThingOnTable
                    key={id}
                    placed={placed}
                    scale={scale}
                    tint={thingTint(document, id)}
                    chosen={id === chosen}
                  />
                );
              })}
              {inHand && <Sides placed={inHand} scale={scale} />}
              {things.length === 0 && <EmptyTable width={width} height={height} />}
            </>
          );
          const widest = Math.max(0, ...view.things.map((thing) => thing.x + thing.width));
          return {
            drawing,
            width: widest * scale + 2 * MARGIN.x,
            height: view.height * scale + MARGIN.top + MARGIN.bottom,
          };
        }}
      >
        {things.length === 0 && (
          <div className="absolute inset-x-0 top-[56%] text-center">
            <button type="button" className="button button-main" onClick={onInvite}>
              Say the first thing
            </button>
          </div>
        )}
      </Table>
      <div className="absolute right-4 bottom-3 z-10 flex gap-2">
        <button
          type="button"
          className="button bg-sheet"
          aria-pressed={fixed !== undefined}
          onClick={() => (pxPerMm ? showTrueSize(!trueSize) : measure(true))}
        >
          {fixed ? 'Fit the table' : 'True size'}
        </button>
        {fixed && (
          <button type="button" className="button bg-sheet" onClick={() => measure(true)}>
            Measure the screen
          </button>
        )}
      </div>
      <TrueSizeDialog
        open={measuring}
        onClose={() => measure(false)}
        onMeasured={() => {
          measure(false);
          showTrueSize(true);
        }}
      />
    </>
  );
}

/** The largest scale at which everything lies on the table without scrolling, unless it is fixed. */
function fitted(things: ReturnType<typeof thingsToHold>, width: number, height: number, fixed?: number) {
  if (fixed) return { scale: fixed, view: tableView(things, width / fixed) };
  for (const scale of SCALES) {
    const view = tableView(things, width / scale);
    const widest = Math.max(0, ...view.things.map((thing) => thing.x + thing.width));
    if (view.height * scale <= height && widest * scale <= width) return { scale, view };
  }
  const scale = SCALES[SCALES.length - 1]!;
  return { scale, view: tableView(things, width / scale) };
}

function SquaredPaper({ scale }: { scale: number }) {
  const square = 10 * scale;
  return (
    <g aria-hidden="true">
      <defs>
        <pattern id="squares" width={square} height={square} patternUnits="userSpaceOnUse" x={MARGIN.x} y={MARGIN.top}>
          <path d={`M${square} 0H0V${square}`} fill="none" stroke="#E3DCCB" />
        </pattern>
        <pattern
          id="large-squares"
          width={square * 5}
          height={square * 5}
          patternUnits="userSpaceOnUse"
          x={MARGIN.x}
          y={MARGIN.top}
        >
          <path d={`M${square * 5} 0H0V${square * 5}`} fill="none" stroke="#D5CDB9" />
        </pattern>
      </defs>
      <rect width="100%" height="100%" fill="url(#squares)" />
      <rect width="100%" height="100%" fill="url(#large-squares)" />
    </g>
  );
}

function ThingOnTable({
  placed,
  scale,
  tint,
  chosen,
}: {
  placed: TableThing;
  scale: number;
  tint: string;
  chosen: boolean;
}) {
  const select = useDesign((state) => state.select);
  const length = useLength();
  const { thing, each, width, height } = placed;
  const { line, item, name, held } = thing;
  const at = (x: number, y: number) => ({ x: MARGIN.x + x * scale, y: MARGIN.top + y * scale });
  const corner = at(placed.x, placed.y);
  const base = corner.y + height * scale;
  const choose = () => select(`contents/${line.id}`);
  return (
    <g {...pressable(choose)} aria-pressed={chosen} aria-label={`${name}, ${line.count}${held ? '' : ', no home yet'}`}>
      {each.map(({ x, y }) => (
        <ThingShape key={x} item={item} {...at(x, y)} scale={scale} tint={tint} chosen={chosen} />
      ))}
      <text x={corner.x} y={base + 17} fontSize="12.5" fontWeight="550" fill="#1F2B44">
        {name.length > 30 ? `${name.slice(0, 29)}…` : name}
        {line.count > 1 && ` ×${line.count}`}
      </text>
      <text x={corner.x} y={base + 32} fontSize="11.5" fill={held ? '#56607A' : '#B03A25'}>
        {held ? sizeWords(item, length) : '▲ no home yet'}
      </text>
      <rect x={corner.x} y={corner.y} width={width * scale} height={height * scale + 34} fill="transparent" />
    </g>
  );
}

/** Length and width of the thing in hand, over everything that lies beside it. */
function Sides({ placed, scale }: { placed: TableThing; scale: number }) {
  const length = useLength();
  const { item } = placed.thing;
  const last = placed.each[placed.each.length - 1]!;
  const at = (x: number, y: number) => ({ x: MARGIN.x + x * scale, y: MARGIN.top + y * scale });
  const [corner, front] = [at(placed.x, placed.y), at(last.x, last.y)];
  return (
    <g fill="none" stroke="#C8452F" aria-hidden="true" pointerEvents="none">
      <path d={`M${corner.x} ${corner.y - 10}h${item.length * scale}m0 -4v8M${corner.x} ${corner.y - 14}v8`} />
      <path
        d={`M${front.x + item.length * scale + 10} ${front.y}v${item.width * scale}m-4 0h8M${front.x + item.length * scale + 6} ${front.y}h8`}
      />
      <text
        x={corner.x + (item.length * scale) / 2}
        y={corner.y - 15}
        textAnchor="middle"
        fontSize="12.5"
        fill="#B03A25"
        stroke="none"
      >
        {length(item.length)}
      </text>
      <text
        x={front.x + item.length * scale + 18}
        y={front.y + (item.width * scale) / 2 + 4}
        fontSize="12.5"
        fill="#B03A25"
        stroke="none"
      >
        {length(item.width)}
      </text>
    </g>
  );
}

/** Nothing on the table yet: the outline of the card that lies on most tables. */
function EmptyTable({ width, height }: { width: number; height: number }) {
  const [w, h] = [CARD.width * 2.2, CARD.height * 2.2];
  return (
    <g aria-hidden="true">
      <rect
        x={(width - w) / 2}
        y={height * 0.5 - h - 6}
        width={w}
        height={h}
        rx={CARD.radius * 2.2}
        fill="none"
        stroke="#56607A"
        strokeWidth="1.3"
        strokeDasharray="6 4"
      />
      <text x={width / 2} y={height * 0.5 - h / 2} textAnchor="middle" fontSize="13" fill="#56607A">
        nothing on the table yet
      </text>
    </g>
  );
}
