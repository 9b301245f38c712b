import { useDroppable } from '@dnd-kit/core';
import type { Trial } from '@zindle/core';
import { boxOf } from '../../../board/frame.ts';
import { offerBox, type Offer } from '../../../derivations/placing.ts';
import { useLength } from '../../../ui/use-length.ts';
import { usePlacing } from '../placing/placing-context.ts';
import type { OnBoard } from './on-board.ts';

/** While something is put somewhere, the places for it on this side, each with the size that it would have there. */
export function PlacesLayer({ board, frame }: OnBoard) {
  const { offers, trials, put } = usePlacing();
  // of several kinds for one place the best is lit; the list beside the board has all
  const lit = new Map<string, Offer>();
  for (const offer of offers) {
    const key = `${offer.face} ${offer.side} ${offer.holder}`;
    if (!lit.has(key)) lit.set(key, offer);
  }
  return [...lit.values()].map((offer) => {
    const box = offerBox(offer, board);
    return (
      box && (
        <LitPlace
          key={offer.id}
          offer={offer}
          box={boxOf(frame, box)}
          trial={trials.get(offer.id)}
          onPut={() => put(offer)}
        />
      )
    );
  });
}

interface Props {
  offer: Offer;
  box: ReturnType<typeof boxOf>;
  trial: Trial | undefined;
  onPut(): void;
}

function LitPlace({ offer, box, trial, onPut }: Props) {
  const { setNodeRef, isOver } = useDroppable({ id: `board/${offer.id}` });
  const length = useLength();
  const refused = (trial?.stops.length ?? 0) > 0;
  const colour = refused ? '#C8452F' : '#0F6B66';
  const needs = trial?.needs && `${length(trial.needs.width)} × ${length(trial.needs.height)}`;
  const roomy = box.width > 64 && box.height > 15;
  return (
    <g
      ref={setNodeRef as unknown as React.Ref<SVGGElement>}
      onClick={onPut}
      data-place={offer.id}
      data-over={isOver}
      className="cursor-copy"
    >
      <rect
        {...box}
        rx="4"
        fill={colour}
        fillOpacity={isOver ? 0.42 : 0.16}
        stroke={colour}
        strokeWidth={isOver ? 2.4 : 1.4}
        strokeDasharray={refused ? '3 4' : undefined}
      />
      {roomy && needs && (
        <text
          x={box.x + box.width / 2}
          y={box.y + box.height / 2 + 4}
          textAnchor="middle"
          fontSize="12"
          fontWeight="650"
          fill="#1F2B44"
          stroke="#FBF9F3"
          strokeWidth="3"
          paintOrder="stroke"
        >
          {needs}
        </text>
      )}
    </g>
  );
}
