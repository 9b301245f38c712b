import type { FormView, LineKind, SeenFace } from '@zindle/core/form';
import { useMemo } from 'react';
import { rolledUp } from '@zindle/core';
import { WEBBING } from '../../board/drawing-kit.ts';
import { useSize } from '../../board/use-size.ts';
import { useForm } from '../../derivations/form.ts';
import { clothTint, shaded } from '../../derivations/tints.ts';
import type { WithSolution } from '../use-solved.ts';
import { FinishedSizes } from './finished-sizes.tsx';
import { RolledBoard } from './rolled-board.tsx';

const MARGIN = { x: 60, top: 70, bottom: 100 };

/** The finished thing as it is carried. */
export function FormBoard({ document, solution }: WithSolution) {
  const rolled = useMemo(
    () => (solution.body.sizes.turns ? rolledUp(solution.section, solution.stacks) : undefined),
    [solution],
  );
  return rolled ? (
    <RolledBoard document={document} solution={solution} rolled={rolled} />
  ) : (
    <SewnBoard document={document} solution={solution} />
  );
}

/** The finished thing, folded and sewn from its pieces, drawn without perspective. */
function SewnBoard({ document, solution }: WithSolution) {
  const { ref, width, height } = useSize<HTMLDivElement>();
  const { view, pending } = useForm(document, solution);
  return (
    <div ref={ref} className="absolute inset-0 overflow-hidden bg-cloth">
      {width > 0 && view && <Drawing view={view} document={document} width={width} height={height} pending={pending} />}
      {!view && !pending && (
        <p className="px-5 pt-16 text-quiet">It cannot be drawn as it will be; its pieces show how it is made.</p>
      )}
      <FinishedSizes
        solution={solution}
        note="The outer layer, full, from its pieces and seams alone; nothing is stretched. Flap and handles are drawn as they lie; what else is set on it is not."
      />
    </div>
  );
}

interface DrawingProps {
  view: FormView;
  document: WithSolution['document'];
  width: number;
  height: number;
  pending: boolean;
}

function Drawing({ view, document, width, height, pending }: DrawingProps) {
  const room = { width: width - 2 * MARGIN.x, height: height - MARGIN.top - MARGIN.bottom };
  const scale = Math.min(room.width / view.width, room.height / view.height, 2.6);
  const left = (width - view.width * scale) / 2;
  const top = MARGIN.top + (room.height - view.height * scale) / 2;
  const outside = clothTint(document, 'exterior');
  const inside = clothTint(document, 'lining');
  return (
    <svg
      width={width}
      height={height}
      role="img"
      aria-label="The finished form, seen from the front and a little from above"
      className={pending ? 'opacity-60' : undefined}
    >
      <g transform={`translate(${left} ${top}) scale(${scale})`} strokeLinejoin="round" strokeLinecap="round">
        {view.faces.map((face, index) => (
          <Face
            key={index}
            face={face}
            tint={shaded(face.piece === 'grip' ? WEBBING : face.inside ? inside : outside, face.light)}
            scale={scale}
          />
        ))}
      </g>
    </svg>
  );
}

/** How the sides of a face are drawn, px. */
const strokes: Record<LineKind, { width: number; dash?: number[] }> = {
  seam: { width: 0.8, dash: [4, 3] },
  edge: { width: 0.9 },
  rim: { width: 1.9 },
};
const kinds: readonly LineKind[] = ['seam', 'edge', 'rim'];

function Face({ face: { points, lines }, tint, scale }: { face: SeenFace; tint: string; scale: number }) {
  return (
    <>
      <polygon
        points={points.map((point) => point.join(',')).join(' ')}
        fill={tint}
        stroke={tint}
        strokeWidth={0.6 / scale}
      />
      {kinds.map((kind) => (
        <path
          key={kind}
          d={lines
            .filter((each) => each.kind === kind)
            .map(({ from, to }) => `M${from.join(' ')}L${to.join(' ')}`)
            .join('')}
          stroke="#1F2B44"
          strokeWidth={strokes[kind].width / scale}
          strokeDasharray={strokes[kind].dash?.map((px) => px / scale).join(' ')}
          fill="none"
        />
      ))}
    </>
  );
}
