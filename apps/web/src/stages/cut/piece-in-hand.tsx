import { countOf, grainWords, nameOn, namesOf, printOf, type Piece } from '@zindle/core';
import { useShelves } from '../../store/shelves.ts';
import { useLength } from '../../ui/use-length.ts';
import type { WithSolution } from '../use-solved.ts';
import { PieceEdges } from './piece-edges.tsx';
import { PieceLayers } from './piece-layers.tsx';

interface Props extends WithSolution {
  piece: Piece;
  edge: string | undefined;
  onEdge(edge: string): void;
  onChoose(piece: string): void;
}

/** What must be known of the piece in hand beside its size: its layers, how the cloth lies, what is marked, and what its notches meet. */
export function PieceInHand({ document, piece, solution, edge, onEdge, onChoose }: Props) {
  const length = useLength();
  const shelves = useShelves((state) => state.shelves);
  const alike = solution.pieces.filter(({ letter }) => letter === piece.letter);
  const { count, mirrored } = countOf(alike);
  const nameOf = nameOn(shelves);
  const letterOf = new Map(solution.pieces.map(({ id, letter, name }) => [id, `${letter} ${name}`]));
  const print = printOf(piece, shelves.materials);
  const set = piece.marks.flatMap((mark) => (mark.hardware ? [{ ...mark.hardware, label: mark.label }] : []));
  const notches = new Map(piece.notches.map(({ name, meets = [] }) => [name, meets]));
  return (
    <section aria-label="The piece in hand" className="mt-5 rounded-xl bg-cloth px-3.5 py-3 text-[13px]">
      <h2 className="text-base">
        {piece.letter} <span className="font-normal">×{count}</span> {namesOf(alike)}
      </h2>
      <dl className="mt-1 grid grid-cols-[84px_minmax(0,1fr)] gap-x-2 gap-y-1">
        <Fact name="Grain">
          {grainWords[piece.grain]}
          {print && `; ${print}`}
          {mirrored > 0 && `; ${mirrored} of ${count} with the pattern turned over`}
        </Fact>
        {piece.trim && (
          <Fact name="Trimmed to">
            {length(piece.trim.width.value)} × {length(piece.trim.height.value, true)}, before its edges are sewn
          </Fact>
        )}
        {piece.layerOf !== undefined && (
          <Fact name="Lies in">
            <button type="button" className="underline underline-offset-4" onClick={() => onChoose(piece.layerOf!)}>
              {letterOf.get(piece.layerOf)}
            </button>
            : its layers and edges are set there
          </Fact>
        )}
        {set.length > 0 && (
          <Fact name="Set here">
            {set.map(({ id, half, radius, label }) => (
              <span key={label} className="block">
                {nameOf(id)}, {half} half: keep {length(radius, true)} round it clear
              </span>
            ))}
          </Fact>
        )}
        {notches.size > 0 && (
          <Fact name="Notches">
            {[...notches]
              .map(([name, meets]) => (meets.length > 0 ? `${name} meets ${meets.join(', ')}` : name))
              .join(' · ')}
          </Fact>
        )}
        {piece.liesOn.length > 0 && (
          <Fact name="Sewn onto it">{piece.liesOn.map((id) => letterOf.get(id) ?? id).join(', then ')}</Fact>
        )}
      </dl>
      {piece.layerOf === undefined && (
        <>
          <PieceEdges document={document} solution={solution} piece={piece} edge={edge} onEdge={onEdge} />
          {!piece.byRuler && <PieceLayers document={document} solution={solution} piece={piece} />}
        </>
      )}
    </section>
  );
}

const Fact = ({ name, children }: { name: string; children: React.ReactNode }) => (
  <>
    <dt className="text-quiet">{name}</dt>
    <dd className="min-w-0">{children}</dd>
  </>
);
