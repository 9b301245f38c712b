import {
  explain as explanationOf,
  feedsOf,
  gridLabel,
  inputEdit,
  sizeAt,
  type Derived,
  type DesignDocument,
  type Explanation,
} from '@zindle/core';
import { X } from 'lucide-react';
import { followInto } from '../derivations/measures.ts';
import type { Explained } from '../store/design-store.ts';
import { useKinds } from '../store/kinds-context.ts';
import { useDesign } from '../store/design-context.ts';
import { shelvesNow } from '../store/shelves.ts';
import { LengthField } from '../ui/length-field.tsx';
import { Measure } from '../ui/measure.tsx';
import { useLength, type SayLength } from '../ui/use-length.ts';
import type { WithSolution } from './use-solved.ts';

const sayValue = (derived: Pick<Derived, 'value' | 'unit'>, length: SayLength): string =>
  derived.unit === 'mm'
    ? Math.abs(derived.value) < 10 && derived.value !== 0
      ? finer(derived.value, length)
      : length(derived.value)
    : String(Math.round(derived.value * 1e4) / 1e4);

/** Small parts of a sum need a second decimal, or the column does not add up to the eye. */
const finer = (mm: number, length: SayLength): string => (/^-?\d+\.\d$/.test(length(mm)) ? mm.toFixed(2) : length(mm));

const ways: Record<Explanation['how'], string> = {
  sum: 'added up',
  largest: 'the largest demand counts',
  smallest: 'the smallest counts',
  product: 'multiplied',
  rule: 'by rule',
  given: '',
};

/** The sum behind a size, as a maker reads it; each part can be opened in its turn. */
export function Explaining({ document, solution, explained: { path, into } }: WithSolution & { explained: Explained }) {
  const explain = useDesign((state) => state.explain);
  const length = useLength();
  const start = sizeAt(solution, path);
  if (!start) return null;
  const trail = followInto(start, into);
  const current = trail[trail.length - 1]!;
  const { lines, how, rule, rounding } = explanationOf(current);
  // opening a part of a rounded number goes through the number that was rounded
  const steps = (index: number) => (current.op === 'rounded' ? [0, index] : [index]);
  const open = (index: number) => explain({ path, into: [...into.slice(0, trail.length - 1), ...steps(index)] });
  return (
    <section aria-label="The sum behind it" className="mt-3 rounded-xl bg-cloth px-3.5 py-3">
      <div className="flex items-baseline justify-between gap-2">
        <h3 className="text-base">
          Why <Measure mm={current.value} />?
        </h3>
        <button
          type="button"
          aria-label="Close the sum"
          className="rounded p-1 hover:bg-hair"
          onClick={() => explain(undefined)}
        >
          <X size={14} aria-hidden="true" />
        </button>
      </div>
      {trail.length > 1 && <Trail trail={trail} onBack={(kept) => explain({ path, into: into.slice(0, kept) })} />}
      {trail.length === 1 && <p className="text-quiet">{current.label}</p>}
      {rule && (
        <p className="mt-1 text-xs text-quiet">
          {rule.formula}
          <br />
          {rule.source}
        </p>
      )}
      {how === 'given' && <p className="mt-1 text-quiet">{originWords(current)}</p>}
      <ol className="mt-2 space-y-1.5">
        {lines.map((line, index) => (
          <li key={index} className="grid grid-cols-[14px_1fr_auto] items-baseline">
            <span aria-hidden="true">
              {how === 'sum'
                ? line.value < 0
                  ? '−'
                  : index > 0
                    ? '+'
                    : ''
                : how === 'product' && index > 0
                  ? '×'
                  : ''}
            </span>
            <span>
              {line.of.inputs.length > 0 ? (
                <button
                  type="button"
                  className="text-left underline decoration-dotted underline-offset-2"
                  onClick={() => open(index)}
                >
                  {line.label}
                </button>
              ) : (
                line.label
              )}
              {line.note && <span className="block text-xs text-quiet">{line.note}</span>}
            </span>
            <LineValue document={document} of={line.of}>
              {sayValue({ value: how === 'sum' ? Math.abs(line.value) : line.value, unit: line.of.unit }, length)}
            </LineValue>
          </li>
        ))}
      </ol>
      {lines.length > 0 && (
        <p className="mt-2 flex justify-between border-t border-ink pt-1.5 font-semibold">
          <span>
            {rounding
              ? `rounded ${rounding.direction === 'nearest' ? 'to the nearest' : rounding.direction}, ${gridLabel(rounding.grid)}`
              : ways[how]}
          </span>
          <span>{length(current.value)}</span>
        </p>
      )}
      {how === 'given' && current.origin && (
        <p className="mt-1 flex justify-between">
          <span>Change it here</span>
          <LineValue document={document} of={current}>
            {sayValue(current, length)}
          </LineValue>
        </p>
      )}
      {rounding && Math.abs(rounding.residue) > 0.004 && (
        <p className="text-right text-xs text-quiet">
          rounding {rounding.residue > 0 ? 'adds' : 'takes'} {Math.abs(rounding.residue).toFixed(2)} mm
        </p>
      )}
      <Feeds solution={solution} number={current} />
    </section>
  );
}

/** A part of a sum: a field where it can be changed for this design. */
function LineValue({ document, of, children }: { document: DesignDocument; of: Derived; children: React.ReactNode }) {
  const edit = useDesign((state) => state.edit);
  const kinds = useKinds();
  const input = of.origin && inputEdit(document, of.origin, shelvesNow().items, kinds);
  if (!input) return <span className="font-medium">{children}</span>;
  return (
    <LengthField
      hideLabel
      label={input.title}
      className="w-[4.6rem] font-medium"
      value={of.value}
      least={input.least}
      most={input.most}
      onLength={(mm) => edit(input.edit(mm))}
    />
  );
}

/** Sizes that are listed; of a house rule there may be many. */
const LISTED = 6;

/** What a number goes into in its turn. */
function Feeds({ solution, number }: { solution: WithSolution['solution']; number: Derived }) {
  const explain = useDesign((state) => state.explain);
  const feeds = feedsOf(solution, number);
  if (feeds.length === 0) return null;
  return (
    <p className="mt-2 text-[13px] text-quiet">
      It goes into{' '}
      {feeds.slice(0, LISTED).map(({ path, size }, index) => (
        <span key={path}>
          {index > 0 && ', '}
          <button
            type="button"
            className="text-ink underline decoration-dotted underline-offset-2"
            onClick={() => explain({ path, into: [] })}
          >
            {feedName(solution, path, size)}
          </button>
        </span>
      ))}
      {feeds.length > LISTED && ` and ${feeds.length - LISTED} more`}.
    </p>
  );
}

/** What a size is called where others of its kind may have the same name. */
function feedName({ pieces }: WithSolution['solution'], path: string, { label }: Derived): string {
  const [kind, id] = path.split('/');
  if (kind === 'holders') return `${label} of ${id}`;
  const piece = pieces.find((each) => path === `pieces/${each.id}/cutWidth` || path === `pieces/${each.id}/cutHeight`);
  return piece ? `${piece.name}, cut ${path.endsWith('Width') ? 'width' : 'height'}` : label;
}

function Trail({ trail, onBack }: { trail: Derived[]; onBack(kept: number): void }) {
  const last = trail.length - 1;
  return (
    <p className="text-xs text-quiet">
      {trail.map((step, index) =>
        index === last ? (
          <span key={index}>{step.label}</span>
        ) : step.op !== 'rounded' || index === 0 ? (
          <span key={index}>
            <button type="button" className="underline underline-offset-2" onClick={() => onBack(index)}>
              {step.label}
            </button>
            {' › '}
          </span>
        ) : null,
      )}
    </p>
  );
}

function originWords({ origin }: Derived): string {
  if (!origin) return 'Nothing adds to it.';
  const where = {
    item: 'The thing itself',
    material: 'The cloth',
    hardware: 'The hardware',
    houseRule: 'House rule',
    document: 'Set in this design',
    cut: 'Measured on the cut pieces',
    standard: 'Standard',
    input: 'Given',
  };
  return origin.source ? `${where[origin.kind]}: ${origin.source}.` : `${where[origin.kind]}.`;
}
