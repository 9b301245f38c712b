import { useDesign } from '../../store/design-context.ts';
import { Measure } from '../../ui/measure.tsx';
import { useLength } from '../../ui/use-length.ts';
import type { WithSolution } from '../use-solved.ts';

/** Each size opens its derivation. */
export function FinishedSizes({ solution, note }: Pick<WithSolution, 'solution'> & { note: string }) {
  const explain = useDesign((state) => state.explain);
  const length = useLength();
  return (
    <div className="absolute bottom-3 left-5 right-5">
      <ul aria-label="Finished sizes" className="flex flex-wrap gap-x-7 gap-y-1">
        {Object.entries(solution.finished).map(([name, size]) => (
          <li key={name}>
            <button
              type="button"
              className="text-left"
              aria-label={`${size.label} ${length(size.value, true)}: explain`}
              onClick={() => explain({ path: `finished/${name}`, into: [] })}
            >
              <span className="block text-xs text-quiet">{size.label}</span>
              <span className="font-head text-lg underline decoration-dotted underline-offset-4">
                <Measure mm={size.value} />
              </span>
            </button>
          </li>
        ))}
      </ul>
      <p className="mt-1 text-xs text-quiet">{note}</p>
    </div>
  );
}
