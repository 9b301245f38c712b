import { boardsOf, formatLength, type DesignDocument, type Solution } from '@zindle/core';
import { useKinds } from '../store/kinds-context.ts';
import { Trash2 } from 'lucide-react';
import { Link } from 'react-router';
import { fileAddress, type ShelfRow } from '../api/client.ts';
import { SmallSide } from '../board/small-side.tsx';
import { solvedOf } from '../derivations/solution.ts';
import { countWords } from '../derivations/things.ts';
import { tintsOf } from '../derivations/tints.ts';
import { MayFail } from '../ui/may-fail.tsx';
import { Signal } from '../ui/signal.tsx';

/** A design on the shelf: its wallet drawn, its sizes, and whether something is in the way. */
export function DesignCard({ row, onRemove }: { row: ShelfRow; onRemove(): void }) {
  return (
    <li className="relative flex flex-col overflow-hidden rounded-xl border border-hair bg-sheet transition-colors hover:border-ink">
      {row.document ? (
        <MayFail
          part="drawing"
          name={row.name}
          from={[row.document]}
          ways={<TakeAlong row={row} onRemove={onRemove} />}
        >
          <Readable name={row.name} document={row.document} />
        </MayFail>
      ) : (
        <Unreadable row={row}>
          <TakeAlong row={row} onRemove={onRemove} />
        </Unreadable>
      )}
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
  const solved = solvedOf(document, undefined, useKinds());
  const say = (mm: number) => formatLength(mm, { unit: document.unit });
  const state = solved.ok ? stateOf(solved.solution) : 'Stop: this version cannot draw it';
  const inOrder = state === IN_ORDER;
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
          <Signal of={inOrder ? 'fine' : 'stop'} />
          {state}
        </p>
      </div>
    </>
  );
}

const IN_ORDER = 'In order: everything goes in';

/** What stands in the way of making it, the first of it. */
function stateOf({ findings }: Solution): string {
  const stops = findings.filter(({ severity }) => severity === 'stop').map(({ code }) => code);
  if (stops.length === 0) return IN_ORDER;
  if (stops.includes('contents.notHeld')) return 'Stop: not everything has a home';
  return stops.includes('clearance.tooTight')
    ? 'Stop: not everything goes in'
    : 'Stop: something stands in the way of making it';
}

/** What can be done with a design that cannot be shown: save what is stored of it, or throw it away. */
function TakeAlong({ row: { id }, onRemove }: { row: ShelfRow; onRemove(): void }) {
  return (
    <>
      <a className="button" href={fileAddress(id, 'design.json')} download={`${id}.json`}>
        Save it as JSON
      </a>
      <button type="button" className="button" onClick={onRemove}>
        Into the bin
      </button>
    </>
  );
}

function Unreadable({ row, children }: { row: ShelfRow; children: React.ReactNode }) {
  const newer = row.problem?.code === 'document.newer';
  return (
    <div className="flex flex-1 flex-col gap-2 px-4 py-4 pr-12">
      <h2 className="text-lg leading-tight">{row.name}</h2>
      <p className="flex gap-2">
        <Signal of="stop" />
        <b className="font-semibold">{newer ? 'Written by a newer Zindle' : 'Damaged'}</b>
      </p>
      <p className="text-quiet">{row.problem?.message}</p>
      <p className="text-quiet">It was left as it is. Your other designs are not affected.</p>
      <p className="mt-auto flex flex-wrap gap-2">{children}</p>
    </div>
  );
}

/** Its first finished size by its height. */
function outside({ finished }: Solution, say: (mm: number) => string): string {
  const [width] = Object.values(finished);
  return [width, finished.height].flatMap((size) => (size ? [say(size.value)] : [])).join(' × ');
}

/** All cards share one scale, so that sizes compare. */
const SCALE = 1.3;
const ROOM = { width: 322, height: 156 };

function SmallBoard({ document, solution }: { document: DesignDocument; solution: Solution }) {
  const [board] = boardsOf(document, solution, { kinds: useKinds() });
  return board ? <SmallSide board={board} tints={tintsOf(document)} room={ROOM} most={SCALE} /> : null;
}
