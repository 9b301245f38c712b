import { changeItem, limits } from '@zindle/core';
import { useState } from 'react';
import { pressable } from '../../board/pressable.ts';
import type { TableThing } from '../../derivations/table-view.ts';
import { askedSides, measuredSide, type Side } from '../../derivations/thing-sides.ts';
import { useDesign } from '../../store/design-context.ts';
import { LengthField } from '../../ui/length-field.tsx';
import { useLength } from '../../ui/use-length.ts';

interface Props {
  placed: TableThing;
  scale: number;
  /** Of the table, px. */
  origin: { x: number; top: number };
}

/** Length and width of the thing in hand, over everything that lies beside it; each is changed where it stands. */
export function ThingSizes({ placed, scale, origin }: Props) {
  const [editing, setEditing] = useState<Side>();
  const { item } = placed.thing;
  const last = placed.each[placed.each.length - 1]!;
  const at = (x: number, y: number) => ({ x: origin.x + x * scale, y: origin.top + y * scale });
  const [corner, front] = [at(placed.x, placed.y), at(last.x, last.y)];
  const [wide, high] = [item.length * scale, item.width * scale];
  const right = front.x + wide + 10;
  const size = { placed, editing, onEdit: setEditing };
  const up: Side = askedSides(item).width ? 'width' : 'length';
  return (
    <g fill="none" stroke="#C8452F">
      <g aria-hidden="true" pointerEvents="none">
        <path d={`M${corner.x} ${corner.y - 10}h${wide}m0 -4v8M${corner.x} ${corner.y - 14}v8`} />
        <path d={`M${right} ${front.y}v${high}m-4 0h8M${right - 4} ${front.y}h8`} />
      </g>
      <Size {...size} side="length" x={corner.x + wide / 2} y={corner.y - 15} middle />
      {up === 'width' && <Size {...size} side="width" x={right + 8} y={front.y + high / 2 + 4} />}
    </g>
  );
}

interface SizeProps {
  placed: TableThing;
  side: Side;
  x: number;
  y: number;
  middle?: boolean;
  editing: Side | undefined;
  onEdit(side: Side | undefined): void;
}

function Size({ placed, side, x, y, middle = false, editing, onEdit }: SizeProps) {
  const edit = useDesign((state) => state.edit);
  const length = useLength();
  const { item, line } = placed.thing;
  const title = askedSides(item)[side] ?? side;
  if (editing === side)
    return (
      <foreignObject x={middle ? x - 46 : x} y={y - 22} width="220" height="74" style={{ overflow: 'visible' }}>
        <div
          ref={(box) => {
            const input = box?.querySelector('input');
            if (input && document.activeElement !== input) input.focus();
          }}
          className="w-24"
        >
          <LengthField
            label={`${title} on the drawing`}
            hideLabel
            value={item[side]}
            {...limits.size}
            onDone={() => onEdit(undefined)}
            onLength={(mm) => edit(changeItem(line, measuredSide(item, side, mm), `own-${line.id}`))}
          />
        </div>
      </foreignObject>
    );
  const text = length(item[side]);
  const room = text.length * 7 + 10;
  return (
    <g {...pressable(() => onEdit(side))} aria-label={`${title} ${text}: change it here`}>
      <rect x={middle ? x - room / 2 : x - 4} y={y - 14} width={room} height={20} fill="transparent" stroke="none" />
      <text
        x={x}
        y={y}
        textAnchor={middle ? 'middle' : 'start'}
        fontSize="12.5"
        fill="#B03A25"
        stroke="none"
        textDecoration="underline"
      >
        {text}
      </text>
    </g>
  );
}
