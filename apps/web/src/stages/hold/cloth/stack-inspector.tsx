import {
  seamThickness,
  setStack,
  wordingText,
  type FoundLayer,
  type Layer,
  type Machine,
  type Role,
  type StackNote,
} from '@zindle/core';
import { ChevronDown, ChevronUp, X } from 'lucide-react';
import { Link } from 'react-router';
import { useDesign } from '../../../store/design-context.ts';
import { Signal, severityWords } from '../../../ui/signal.tsx';
import { useLength } from '../../../ui/use-length.ts';
import { CoverageChoice } from './coverage-choice.tsx';
import { coverageWords, roleWords } from './role-words.ts';
import { SeamDrawing } from './seam-drawing.tsx';

interface Props {
  role: Role;
  layers: readonly FoundLayer[];
  notes: readonly StackNote[];
  machine: Machine | undefined;
}

/** The stack in hand: its seam, how far each layer goes, and what to know before cutting. */
export function StackInspector({ role, layers, notes, machine }: Props) {
  const edit = useDesign((state) => state.edit);
  const length = useLength();
  const plain = layers.map(({ layer }) => layer);
  const set = (next: Layer[]) => edit(setStack(role, next));
  const swap = (a: number, b: number) =>
    set(plain.map((layer, index) => plain[index === a ? b : index === b ? a : index] ?? layer));
  return (
    <>
      <h2 className="text-lg">{roleWords[role].title}</h2>
      <p className="mb-2 text-quiet">Two pieces, right sides together, at a plain seam.</p>
      <SeamDrawing layers={layers} seam={seamThickness(layers)} machine={machine} />
      <ol className="mt-3 space-y-2" aria-label="How far each layer goes">
        {layers.map(({ layer, material }, index) => {
          const name = material?.name ?? layer.material;
          return (
            <li key={index} className="stitched pb-2">
              <div className="flex items-center gap-1">
                <span className="min-w-0 flex-1 truncate font-medium">{name}</span>
                <IconButton label={`${name} further out`} disabled={index === 0} onPress={() => swap(index, index - 1)}>
                  <ChevronUp size={15} aria-hidden="true" />
                </IconButton>
                <IconButton
                  label={`${name} further in`}
                  disabled={index === layers.length - 1}
                  onPress={() => swap(index, index + 1)}
                >
                  <ChevronDown size={15} aria-hidden="true" />
                </IconButton>
                <IconButton
                  label={`Take ${name} off`}
                  disabled={layers.length === 1}
                  onPress={() => set(plain.toSpliced(index, 1))}
                >
                  <X size={15} aria-hidden="true" />
                </IconButton>
              </div>
              <div className="mt-1 flex items-center justify-between gap-2">
                <CoverageChoice
                  label={`How far ${name} goes`}
                  value={layer.coverage}
                  tint={material?.tint ?? '#fff'}
                  onCoverage={(coverage) => set(plain.with(index, { ...layer, coverage }))}
                />
                <span className="text-right text-xs text-quiet">{coverageWords[layer.coverage].title}</span>
              </div>
            </li>
          );
        })}
      </ol>
      <section aria-label="Before it is cut" className="mt-3">
        <h3 className="text-base">Before it is cut</h3>
        {notes.length === 0 && (
          <p className="mt-1 flex gap-2">
            <Signal of="fine" /> Nothing to mind.
          </p>
        )}
        <ul className="mt-1 space-y-1.5">
          {notes.map(({ code, severity, text, layer }) => (
            <li key={`${code}/${layer}`} className="flex gap-2 leading-snug">
              <Signal of={severity} />
              <span>
                <span className="sr-only">{severityWords[severity]}: </span>
                {wordingText(text, (mm, toward) => length(mm, true, toward))}
              </span>
            </li>
          ))}
        </ul>
        <p className="mt-2 text-[13px] text-quiet">
          {machine
            ? `Measured against ${machine.name}. `
            : 'No machine is chosen yet, so seams are measured against none. '}
          <Link to="/shelves/rules" className="text-weld underline underline-offset-4">
            {machine ? 'Another machine' : 'Choose one'}
          </Link>
        </p>
        <p className="mt-2 text-[13px] text-quiet">
          Try iron, glue and seam on scraps first; films and coated cloth give off fumes when they burn.
        </p>
      </section>
    </>
  );
}

function IconButton({
  label,
  disabled,
  onPress,
  children,
}: {
  label: string;
  disabled: boolean;
  onPress(): void;
  children: React.ReactNode;
}) {
  return (
    <button
      type="button"
      aria-label={label}
      title={label}
      disabled={disabled}
      className="rounded p-1.5 hover:bg-cloth disabled:text-hair"
      onClick={onPress}
    >
      {children}
    </button>
  );
}
