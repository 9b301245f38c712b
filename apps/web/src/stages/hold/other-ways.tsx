import {
  changeItem,
  diameterFromGirth,
  limits,
  oneOfStack,
  parseLength,
  repeated,
  shortSide,
  thicknessFromGirth,
  type ContentsLine,
  type Item,
} from '@zindle/core';
import { useId, useState } from 'react';
import { useDesign } from '../../store/design-context.ts';
import { CountField } from '../../ui/count-field.tsx';
import { FieldError } from '../../ui/field-error.tsx';
import { LengthField } from '../../ui/length-field.tsx';
import { useLength, useUnit } from '../../ui/use-length.ts';

interface Props {
  line: ContentsLine;
  item: Item;
}

/** For what a ruler does not reach: a tape round it, a stack of several, several measurements of one size. */
export function OtherWays({ line, item }: Props) {
  const edit = useDesign((state) => state.edit);
  const [count, setCount] = useState(10);
  const { least, most } = limits.size;
  // the way round it as it goes in: the longer side is left out
  const short = shortSide(item);
  const round = item.shape === 'cylinder' || item.shape === 'ball';
  const take = (change: Partial<Item>) => edit(changeItem(line, { ...item, ...change }, `own-${line.id}`));
  const across = (mm: number): Partial<Item> => (round ? { width: mm, thickness: mm } : { thickness: mm });
  return (
    <details className="rounded-lg border border-hair px-3 py-2">
      <summary className="cursor-pointer">Measure it another way</summary>
      <div className="mt-2 space-y-2.5">
        {round ? (
          <LengthField
            label="Tape round it"
            value={Math.PI * item.width}
            least={Math.PI * least}
            most={Math.PI * most}
            onLength={(girth) => {
              const measured = diameterFromGirth(girth);
              if (measured.ok) take(across(measured.mm));
            }}
          />
        ) : (
          <LengthField
            label={`Tape round its ${short} and thickness`}
            value={2 * (item[short] + item.thickness)}
            least={2 * (item[short] + least)}
            most={2 * (item[short] + most)}
            onLength={(girth) => {
              const measured = thicknessFromGirth(girth, item[short]);
              if (measured.ok) take(across(measured.mm));
            }}
          />
        )}
        <CountField label="Alike ones in a stack" value={count} least={2} most={500} onCount={setCount} />
        <LengthField
          label="Thickness of the stack"
          value={count * item.thickness}
          least={count * least}
          most={count * most}
          onLength={(total) => {
            const measured = oneOfStack(total, count);
            if (measured.ok) take(across(measured.mm));
          }}
        />
        <SeveralTimes onMeasured={(mean, tolerance) => take({ ...across(mean), tolerance })} />
        <LengthField
          label="Others may be larger by"
          value={item.tolerance ?? 0}
          {...limits.tolerance}
          onLength={(tolerance) => take({ tolerance })}
        />
      </div>
    </details>
  );
}

/** Why what is written is no size measured several times. */
function whyNot(part: string | undefined, apart: boolean): string {
  if (part !== undefined) return `“${part}” is no thickness that can be.`;
  return apart ? 'They differ too much to be one size: measure again.' : 'Write at least two, like 16.1 16.3 16.0.';
}

/** Its thickness, measured several times: the mean goes into the design, and how much larger the largest was. */
function SeveralTimes({ onMeasured }: { onMeasured(mean: number, tolerance: number): void }) {
  const id = useId();
  const unit = useUnit();
  const length = useLength();
  const [text, setText] = useState('');
  const [tried, setTried] = useState(false);
  const parts = text.split(/[;,]?\s+/).filter((part) => part !== '');
  const read = parts.map((part) => parseLength(part, { unit }));
  const wrong = read.findIndex((each) => !each.ok || each.mm < limits.size.least || each.mm > limits.size.most);
  const all = wrong < 0 ? repeated(read.flatMap((each) => (each.ok ? [each.mm] : []))) : undefined;
  const apart = all !== undefined && all.tolerance > limits.tolerance.most;
  const result = apart ? undefined : all;
  const message = whyNot(parts[wrong], apart);
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        setTried(true);
        if (!result) return;
        onMeasured(result.mean, result.tolerance);
        setText('');
        setTried(false);
      }}
    >
      <label htmlFor={id}>Thickness, measured several times</label>
      <div className="mt-1 flex gap-2">
        <input
          id={id}
          className="field min-w-0 flex-1"
          value={text}
          placeholder="16.1 16.3 16.0"
          autoComplete="off"
          aria-invalid={tried && !result}
          aria-describedby={`${id}-told`}
          onChange={(event) => {
            setText(event.target.value);
            setTried(false);
          }}
        />
        <button type="submit" className="button">
          Take it
        </button>
      </div>
      {tried && !result ? (
        <FieldError id={`${id}-told`}>{message}</FieldError>
      ) : (
        <p id={`${id}-told`} className="mt-0.5 text-xs text-quiet">
          {result ? `${length(result.mean, true)}, the largest ${length(result.tolerance)} more` : 'Mean and spread.'}
        </p>
      )}
    </form>
  );
}
