import type { DesignDocument } from '@zindle/core';
import { ThingShape } from '../../board/thing-shape.tsx';
import { pressable } from '../../board/pressable.ts';
import { Table } from '../../board/table.tsx';
import { tableView, type TableThing } from '../../derivations/table-view.ts';
import { countWords, thingsToHold } from '../../derivations/things.ts';
import { thingTint } from '../../derivations/tints.ts';
import { useTrueSizeView } from '../../board/true-size-view.tsx';
import { CARD } from '../../store/true-size.ts';
import { sizeWords } from '../../ui/size-words.ts';
import { useLength } from '../../ui/use-length.ts';
import { ThingSizes } from './thing-sizes.tsx';

const MARGIN = { x: 44, top: 78, bottom: 24 };
const SCALES = [2.6, 2.1, 1.7, 1.35, 1.05, 0.8, 0.55, 0.35, 0.2];

interface Props {
  document: DesignDocument;
  /** The line in hand. */
  chosen: string | undefined;
  /** Lines that are marked together. */
  marked: readonly string[];
  marking: boolean;
  onMarking(on: boolean): void;
  /** Takes a line in hand, or marks it with the others. */
  onChoose(line: string, several: boolean): void;
  onInvite(): void;
}

/** Everything it must hold, drawn at one scale on squared paper beside a bank card. */
export function ThingsTable({ document, chosen, marked, marking, onMarking, onChoose, onInvite }: Props) {
  const things = thingsToHold(document);
  const { fixed, buttons } = useTrueSizeView();
  const known = things.filter(({ item }) => item !== undefined);
  return (
    <>
      <Table
        title={fixed ? 'Everything it must hold, in true size' : 'Everything it must hold, at one scale'}
        label="Everything it must hold"
        lay={({ width, height }) => {
          const { scale, view } = fitted(things, width - 2 * MARGIN.x, height - MARGIN.top - MARGIN.bottom, fixed);
          const inHand = marked.length > 1 ? undefined : view.things.find(({ thing }) => thing.line.id === chosen);
          const drawing = (
            <>
              <SquaredPaper scale={scale} />
              <text x={width - 18} y={30} fontSize="12" fill="#56607A" textAnchor="end">
                {countWords(document)} · squares of 10 mm
              </text>
              {things.length > 0 && <ReferenceCard at={view.card} scale={scale} />}
              {view.things.map((placed) => {
                const { id } = placed.thing.line;
                return (
                  <ThingOnTable
                    key={id}
                    placed={placed}
                    scale={scale}
                    tint={thingTint(document, id)}
                    chosen={marked.length > 1 ? marked.includes(id) : id === chosen}
                    onChoose={(several) => onChoose(id, several || marking)}
                  />
                );
              })}
              {inHand && <ThingSizes key={inHand.thing.line.id} placed={inHand} scale={scale} origin={MARGIN} />}
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
        {known.length > 1 && (
          <button
            type="button"
            className={`button ${marking ? 'border-ink bg-weld-soft' : 'bg-sheet'}`}
            aria-pressed={marking}
            title="Or hold Ctrl or Shift while you choose"
            onClick={() => onMarking(!marking)}
          >
            Mark several
          </button>
        )}
        {buttons}
      </div>
    </>
  );
}

/** A bank card beside the things, so that the eye has a measure. */
function ReferenceCard({ at, scale }: { at: { x: number; y: number }; scale: number }) {
  const [x, y] = [MARGIN.x + at.x * scale, MARGIN.top + at.y * scale];
  return (
    <g aria-hidden="true">
      <rect
        x={x}
        y={y}
        width={CARD.width * scale}
        height={CARD.height * scale}
        rx={CARD.radius * scale}
        fill="none"
        stroke="#56607A"
        strokeDasharray="5 4"
      />
      {scale > 0.5 && (
        <text
          x={x + (CARD.width * scale) / 2}
          y={y + (CARD.height * scale) / 2 + 4}
          textAnchor="middle"
          fontSize="12"
          fill="#56607A"
        >
          a bank card
        </text>
      )}
    </g>
  );
}

/** The largest scale at which everything lies on the table without scrolling, unless it is fixed. */
function fitted(things: ReturnType<typeof thingsToHold>, width: number, height: number, fixed?: number) {
  if (fixed) return { scale: fixed, view: tableView(things, width / fixed, CARD) };
  for (const scale of SCALES) {
    const view = tableView(things, width / scale, CARD);
    const widest = Math.max(0, ...view.things.map((thing) => thing.x + thing.width));
    if (view.height * scale <= height && widest * scale <= width) return { scale, view };
  }
  const scale = SCALES[SCALES.length - 1]!;
  return { scale, view: tableView(things, width / scale, CARD) };
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

interface OnTable {
  placed: TableThing;
  scale: number;
  tint: string;
  chosen: boolean;
  onChoose(several: boolean): void;
}

function ThingOnTable({ placed, scale, tint, chosen, onChoose }: OnTable) {
  const length = useLength();
  const { thing, each, width, height } = placed;
  const { line, item, name, held } = thing;
  const at = (x: number, y: number) => ({ x: MARGIN.x + x * scale, y: MARGIN.top + y * scale });
  const corner = at(placed.x, placed.y);
  const base = corner.y + height * scale;
  return (
    <g
      {...pressable(({ ctrlKey, metaKey, shiftKey }) => onChoose(ctrlKey || metaKey || shiftKey))}
      aria-pressed={chosen}
      aria-label={`${name}, ${line.count}${held ? '' : ', no home yet'}`}
    >
      {each.map(({ x, y }) => (
        <ThingShape key={x} item={item} {...at(x, y)} scale={scale} tint={tint} chosen={chosen} />
      ))}
      <text x={corner.x} y={base + 17} fontSize="12.5" fontWeight="550" fill="#1F2B44">
        {name.length > 30 ? `${name.slice(0, 29)}…` : name}
        {line.count > 1 && ` ×${line.count}`}
        {line.group && <tspan fill="#0F6B66"> ∞ shares</tspan>}
      </text>
      <text x={corner.x} y={base + 32} fontSize="11.5" fill={held ? '#56607A' : '#B03A25'}>
        {held ? sizeWords(item, length) : '▲ no home yet'}
      </text>
      <rect x={corner.x} y={corner.y} width={width * scale} height={height * scale + 34} fill="transparent" />
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
