import { capital, limits, lower, setAllowance, setRough, type Piece, type PieceEdge } from '@zindle/core';
import { useState } from 'react';
import { edgeInHand, edgeTitle, type EdgeInHand } from '../../derivations/own-piece.ts';
import { useDesign } from '../../store/design-context.ts';
import { Choice } from '../../ui/choice.tsx';
import { LengthField } from '../../ui/length-field.tsx';
import { Picker } from '../../ui/picker.tsx';
import { useLength } from '../../ui/use-length.ts';
import type { WithSolution } from '../use-solved.ts';

interface Props extends WithSolution {
  piece: Piece;
  edge: string | undefined;
  onEdge(edge: string): void;
}

type Hand = EdgeInHand & { id: string };
const ALL = 'all edges';

/** The allowance of each edge of the piece in hand, and what it is cut larger by. */
export function PieceEdges({ document, solution, piece, edge, onEdge }: Props) {
  const hands = piece.stitch.map(({ id }) => ({ id, ...edgeInHand(document, solution, piece, id) }));
  const inHand = hands.find(({ id }) => id === edge);
  return (
    <section aria-label="Edges" className="mt-3 border-t border-hair pt-2.5">
      <h3 className="text-sm">Edges</h3>
      <div className="mt-1.5 space-y-2">
        <EdgePicker hands={hands} edge={edge} onEdge={onEdge} />
        {inHand ? <OneEdge key={inHand.id} piece={piece} hand={inHand} /> : <AllEdges piece={piece} hands={hands} />}
      </div>
    </section>
  );
}

function EdgePicker({ hands, edge, onEdge }: { hands: readonly Hand[] } & Pick<Props, 'edge' | 'onEdge'>) {
  const length = useLength();
  const note = ({ allowance, own, rough }: Hand) =>
    `${length(allowance, true)}${own ? ', your own' : ''}${rough > 0 ? `, cut ${length(rough, true)} larger` : ''}`;
  return (
    <Picker
      label="Edge"
      value={edge ?? ALL}
      options={[
        { id: ALL, title: 'All edges' },
        ...hands.map((hand) => ({ id: hand.id, title: capital(hand.name), note: note(hand) })),
      ]}
      onPick={(id) => onEdge(id === ALL ? '' : id)}
    />
  );
}

/** One edge: what is set of it is set of its whole seam, unless it is wanted otherwise. */
function OneEdge({ piece, hand }: { piece: Piece; hand: Hand }) {
  const [scope, setScope] = useState<'seam' | 'alone'>('seam');
  const title = edgeTitle(piece, hand.id);
  return (
    <>
      <EdgeFields
        piece={piece}
        words=""
        of={hand[scope]}
        alone={hand.alone}
        title={title}
        allowance={hand.allowance}
        rough={hand.rough}
        own={hand.own}
      />
      {hand.seam.length > hand.alone.length && (
        <Choice
          label="Allowance for"
          value={scope}
          choices={[
            { id: 'seam', title: `its seam, ${hand.seam.length} edges`, why: 'Cut edges lie level when it is sewn.' },
            { id: 'alone', title: 'this edge', why: 'Its mates keep theirs: cut edges do not lie level.' },
          ]}
          onChoice={(id) => setScope(id)}
        />
      )}
    </>
  );
}

/** All edges of a piece at once, alike. */
function AllEdges({ piece, hands }: { piece: Piece; hands: readonly Hand[] }) {
  const [first] = hands;
  const all = hands.flatMap(({ alone }) => alone);
  return (
    <EdgeFields
      piece={piece}
      words=", all alike"
      of={all}
      alone={all}
      title={`all edges of ${lower(piece.name)}`}
      allowance={first?.allowance ?? 0}
      rough={first?.rough ?? 0}
      own={hands.some(({ own }) => own)}
    />
  );
}

interface FieldsProps extends Pick<EdgeInHand, 'allowance' | 'rough' | 'own'> {
  piece: Piece;
  words: string;
  /** What gets the allowance, and what is cut larger. */
  of: readonly PieceEdge[];
  alone: readonly PieceEdge[];
  title: string;
}

function EdgeFields({ piece, words, of, alone, title, allowance, rough, own }: FieldsProps) {
  const edit = useDesign((state) => state.edit);
  return (
    <>
      <LengthField
        label={`Allowance${words}`}
        value={allowance}
        {...limits.allowance}
        onLength={(mm) => edit(setAllowance(of, title, mm))}
      />
      {own && (
        <button
          type="button"
          className="block text-[13px] font-semibold text-weld underline underline-offset-4"
          onClick={() => edit(setAllowance(of, title, undefined))}
        >
          Allowance by the rules again
        </button>
      )}
      {!piece.byRuler && (
        <LengthField
          label={`Cut larger by${words}`}
          value={rough}
          {...limits.rough}
          hint="Cut large for pleating, quilting or a zipper, and trimmed to size later"
          onLength={(mm) => edit(setRough(alone, title, mm === 0 ? undefined : mm))}
        />
      )}
    </>
  );
}
