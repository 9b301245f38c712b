import { useDesign } from '../../store/design-context.ts';
import { Signal } from '../../ui/signal.tsx';
import { useLength } from '../../ui/use-length.ts';
import { limitBars } from '../../derivations/limit-bars.ts';
import type { WithSolution } from '../use-solved.ts';
import { useShelves } from '../../store/shelves.ts';

/** What the maker demands of the finished thing, each as a bar of how much of it is used. */
export function LimitsBar({ document, solution }: WithSolution) {
  const select = useDesign((state) => state.select);
  const length = useLength();
  const shelves = useShelves((state) => state.shelves);
  const bars = limitBars(document, solution, shelves);
  return (
    <section aria-label="Limits" className="shrink-0 overflow-x-auto" tabIndex={0}>
      <ul className="flex h-9 items-center gap-5 px-4 pb-2 text-[13px]">
        {bars.map(({ id, label, used, most, over }) => (
          <li key={id} className="flex shrink-0 items-center gap-2">
            {over && <Signal of="stop" />}
            <span className="text-quiet">{label}</span>
            <span aria-hidden="true" className="relative h-1.5 w-16 rounded-full bg-hair">
              <span
                className={`absolute inset-y-0 left-0 rounded-full ${over ? 'bg-chalk' : 'bg-weld'}`}
                style={{ width: `${Math.min(100, (used / most) * 100)}%` }}
              />
            </span>
            <span className={over ? 'font-semibold text-chalk-deep' : 'font-medium'}>
              {length(used)} of {length(most)}
              {over && `: ${length(used - most)} too much`}
            </span>
          </li>
        ))}
        <li className="shrink-0">
          <button
            type="button"
            className="font-semibold text-weld underline underline-offset-4"
            onClick={() => select('body')}
          >
            {bars.length === 0 ? 'Set a limit on size, thickness or cloth' : 'Change limits'}
          </button>
        </li>
      </ul>
    </section>
  );
}
