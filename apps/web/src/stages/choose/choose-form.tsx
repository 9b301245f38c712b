import { withArticle, wordingText } from '@zindle/core';
import { Link, useNavigate, useParams } from 'react-router';
import { toast } from 'sonner';
import { SmallSide } from '../../board/small-side.tsx';
import { useProposals } from '../../derivations/proposals.ts';
import { countWords } from '../../derivations/things.ts';
import { tintsOf } from '../../derivations/tints.ts';
import { useDesign } from '../../store/design-context.ts';
import { useShelves } from '../../store/shelves.ts';
import { Signal } from '../../ui/signal.tsx';
import { PartOfDesign } from '../part-of-design.tsx';
import { useLength, type SayLength } from '../../ui/use-length.ts';
import type { PlainProposal } from '../../workers/proposal-worker.ts';

const ROOM = { width: 300, height: 150 };

/** Every form solved with what the design must hold, side by side at one scale. */
export function ChooseForm() {
  const { id = '' } = useParams();
  const document = useDesign((state) => state.document);
  const shelves = useShelves((state) => state.shelves);
  const edit = useDesign((state) => state.edit);
  const select = useDesign((state) => state.select);
  const navigate = useNavigate();
  const { proposals, pending } = useProposals(document, shelves);
  const suiting = proposals.filter(({ held, of }) => held === of);
  const others = proposals.filter(({ held, of }) => held < of);
  const scale = commonScale(suiting.length > 0 ? suiting : proposals);
  function take({ title, document: next, notes }: PlainProposal) {
    edit({ name: `Make it ${withArticle(title.toLowerCase())}`, apply: () => next });
    select('body');
    if (notes.length > 0) toast(notes.join(' '), { duration: 12_000 });
    void navigate(`/d/${id}/shape`);
  }
  const row = { scale, now: document.body.kind, onTake: take };
  return (
    <main className="min-h-0 flex-1 overflow-y-auto px-6 py-4" tabIndex={0} aria-label="Forms">
      <div className="mx-auto max-w-[1180px]">
        <div className="flex items-baseline justify-between gap-4">
          <h2 className="text-xl">
            Forms for these {countWords(document)}{' '}
            <span className="font-sans text-sm font-normal text-quiet">all drawn to one scale</span>
          </h2>
          <span role="status" className="text-quiet">
            {pending ? 'solving the next one …' : `${suiting.length} of ${proposals.length} hold everything`}
          </span>
        </div>
        {document.contents.length === 0 && (
          <p className="mt-3 text-quiet">
            Nothing is on the table yet.{' '}
            <Link to={`/d/${id}/hold`} className="font-semibold text-weld underline underline-offset-4">
              Say what it must hold
            </Link>
            , and the forms are sized for it.
          </p>
        )}
        <ul className="mt-3 grid grid-cols-[repeat(auto-fill,minmax(330px,1fr))] gap-3.5">
          {suiting.map((proposal) => (
            <FormCard key={proposal.kind} proposal={proposal} {...row} />
          ))}
        </ul>
        {others.length > 0 && (
          <>
            <h2 className="mt-5 text-base">These do not hold everything</h2>
            <ul className="mt-2 grid grid-cols-[repeat(auto-fill,minmax(330px,1fr))] gap-3.5">
              {others.map((proposal) => (
                <FormCard key={proposal.kind} proposal={proposal} {...row} />
              ))}
            </ul>
          </>
        )}
      </div>
    </main>
  );
}

/** The share of forms that may be too large for the common scale. */
const OUTSIZE = 0.3;

/** The scale at which a side just has room, px per mm. */
const ownScale = ({ width, height }: { width: number; height: number }): number =>
  Math.min((ROOM.width - 24) / width, (ROOM.height - 24) / height);

/** The scale at which most of them have room: a single huge one does not make all others tiny. px per mm */
function commonScale(proposals: readonly PlainProposal[]): number {
  const scales = proposals.flatMap(({ board }) => (board ? [ownScale(board)] : [])).sort((a, b) => a - b);
  return Math.min(2, scales[Math.floor(scales.length * OUTSIZE)] ?? 2);
}

interface CardProps {
  proposal: PlainProposal;
  scale: number;
  /** The form that the design has. */
  now: string;
  onTake(proposal: PlainProposal): void;
}

function FormCard({ proposal, scale, now, onTake }: CardProps) {
  const { kind, title, about, document, board, finished, thickness, held, of, holders, stops } = proposal;
  const length = useLength();
  const [stop] = stops;
  const all = held === of;
  return (
    <li className="relative flex flex-col overflow-hidden rounded-xl border border-hair bg-sheet hover:border-ink">
      <PartOfDesign part={`drawing as ${title.toLowerCase()}`}>
        <div className="flex items-center justify-center bg-cloth" style={{ height: ROOM.height + 14 }}>
          {board && ownScale(board) < 0.98 * scale && (
            <span className="absolute top-2 left-3 text-xs text-quiet">
              drawn {(scale / ownScale(board)).toFixed(1)} times smaller
            </span>
          )}
          {board && <SmallSide board={board} tints={tintsOf(document)} room={ROOM} most={scale} />}
        </div>
        <div className="flex flex-1 flex-col gap-1 px-3.5 py-2.5">
          <h3 className="flex items-baseline justify-between gap-2 text-base">
            <button
              type="button"
              className="font-semibold after:absolute after:inset-0"
              onClick={() => onTake(proposal)}
            >
              {title}
            </button>
            {kind === now && <span className="text-xs text-quiet">as it is now</span>}
          </h3>
          <p className="text-[13px] leading-snug text-quiet">{about}</p>
          <p>
            {finished
              .slice(0, 3)
              .map(({ mm }) => length(mm))
              .join(' × ')}{' '}
            · {length(thickness, true)} thick
          </p>
          <p className="flex gap-1.5 text-[13px]">
            <Signal of={all && !stop ? 'fine' : 'stop'} />
            <span>
              {of === 0 ? 'Nothing to hold yet' : all ? holdsWords(holders) : `Holds ${held} of ${of}`}
              {all && stop && `: ${stopWords(stop, length)}`}
            </span>
          </p>
        </div>
      </PartOfDesign>
    </li>
  );
}

const holdsWords = (holders: PlainProposal['holders']): string =>
  `Holds all: ${holders
    .slice(0, 3)
    .map(({ title, count }) => `${count} in ${title.toLowerCase()}`)
    .join(', ')}`;

const stopWords = ({ text }: PlainProposal['stops'][number], length: SayLength): string =>
  wordingText(text, (mm, toward) => length(mm, true, toward));
