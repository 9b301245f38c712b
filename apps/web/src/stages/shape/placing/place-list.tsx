import { useDroppable } from '@dnd-kit/core';
import { effectWords, wordingText, type Trial } from '@zindle/core';
import { X } from 'lucide-react';
import type { Offer } from '../../../derivations/placing.ts';
import { thingName } from '../../../derivations/things.ts';
import { useDesign } from '../../../store/design-context.ts';
import type { Placing } from '../../../store/design-store.ts';
import { Signal } from '../../../ui/signal.tsx';
import { useLength, type SayLength } from '../../../ui/use-length.ts';
import type { WithSolution } from '../../use-solved.ts';
import { usePlacing } from './placing-context.ts';

/** Every place for what is in hand with the size it would need there and what it would change: for the keyboard, and to be
 * dropped on. */
export function PlaceList({ document, placing }: Pick<WithSolution, 'document'> & { placing: Placing }) {
  const place = useDesign((state) => state.place);
  const { offers } = usePlacing();
  const name = placing.kind === 'holder' ? placing.holder : thingName(document, placing.line);
  return (
    <section aria-label="Where it can go">
      <div className="flex items-baseline justify-between gap-2">
        <h2 className="text-lg">Where {name} can go</h2>
        <button
          type="button"
          className="rounded p-1 hover:bg-hair"
          aria-label="Put it nowhere"
          onClick={() => place(undefined)}
        >
          <X size={15} aria-hidden="true" />
        </button>
      </div>
      {offers.length === 0 && (
        <p className="mt-1 text-quiet">
          No face of this form has a place for it. Choose another form, or take something away first.
        </p>
      )}
      <ul className="mt-2 space-y-1.5">
        {offers.map((offer, index) => (
          <PlaceRow key={offer.id} offer={offer} first={index === 0} />
        ))}
      </ul>
    </section>
  );
}

function PlaceRow({ offer, first }: { offer: Offer; first: boolean }) {
  const { trials, put } = usePlacing();
  const { setNodeRef, isOver } = useDroppable({ id: `list/${offer.id}` });
  const length = useLength();
  const trial = trials.get(offer.id);
  return (
    <li ref={setNodeRef} data-over={isOver}>
      <button
        type="button"
        // the list is opened by a key press: the next one chooses from it
        ref={(element) =>
          first && element && !element.dataset.seen ? ((element.dataset.seen = 'yes'), element.focus()) : undefined
        }
        className={`w-full rounded-lg border bg-white px-3 py-2 text-left hover:border-ink ${isOver ? 'border-ink' : 'border-hair'}`}
        onClick={() => put(offer)}
      >
        <span className="flex justify-between gap-2">
          <b className="font-semibold">{offer.title}</b>
          {trial?.needs && (
            <span className="text-quiet">
              {length(trial.needs.width)} × {length(trial.needs.height)}
            </span>
          )}
        </span>
        {offer.title.toLowerCase() !== offer.where.toLowerCase() && (
          <span className="block text-quiet">{offer.where}</span>
        )}
        {offer.side !== 'out' && <Consequence trial={trial} length={length} />}
      </button>
    </li>
  );
}

/** What stands against it, or how the outside changes. */
function Consequence({ trial, length }: { trial: Trial | undefined; length: SayLength }) {
  if (!trial) return <span className="block text-xs text-quiet">trying it …</span>;
  const say = (mm: number) => length(mm, true);
  const [stop] = trial.stops;
  if (stop)
    return (
      <span className="mt-0.5 flex gap-1.5 text-[13px] leading-tight">
        <Signal of="stop" /> {wordingText(stop.text, say)}
      </span>
    );
  const effect = effectWords(trial.changes);
  return (
    <span className="mt-0.5 flex gap-1.5 text-[13px] leading-tight">
      <Signal of="fine" /> {effect ? wordingText(effect, say) : 'nothing gets larger'}
    </span>
  );
}
