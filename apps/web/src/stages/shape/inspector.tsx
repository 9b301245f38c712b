import { builtInKinds, setClosure, setGrid, gridIds, gridLabel, type GridId } from '@zindle/core';
import { inspected } from '../../derivations/inspected.ts';
import { measureAt } from '../../derivations/measures.ts';
import { useDesign } from '../../store/design-context.ts';
import { Measure } from '../../ui/measure.tsx';
import { Picker } from '../../ui/picker.tsx';
import { useLength } from '../../ui/use-length.ts';
import type { WithSolution } from '../use-solved.ts';
import { Explaining } from './explaining.tsx';
import { HardwareList } from './hardware-list.tsx';
import { PinsAndLimits } from './pins-and-limits.tsx';
import { ParamField, RuleField } from './setting-fields.tsx';

/** The selected object: what can be set, what follows, and the sum behind the size in hand. */
export function Inspector({ document, solution }: WithSolution) {
  const selection = useDesign((state) => state.selection);
  const select = useDesign((state) => state.select);
  const { path, title, about, params, rules, sizes } = inspected(document, solution, selection);
  const explained = useDesign((state) => state.explained);
  return (
    <>
      <div className="flex items-baseline justify-between gap-2">
        <h2 className="text-lg">{title}</h2>
        {path !== 'body' && (
          <button
            type="button"
            className="text-xs font-semibold text-weld underline underline-offset-4"
            onClick={() => select('body')}
          >
            whole piece
          </button>
        )}
      </div>
      <p className="text-quiet">{about}</p>
      {explained && <Explaining solution={solution} explained={explained} />}
      <div className="mt-3 space-y-2.5">
        {path === 'body' && <WholeWallet document={document} solution={solution} />}
        {params.map(({ key, spec }) => (
          <ParamField key={`${path}/${key}`} document={document} selection={path} name={key} spec={spec} />
        ))}
        {rules.map((id) => (
          <RuleField key={id} document={document} id={id} />
        ))}
      </div>
      <h3 className="mt-5 text-sm">What follows</h3>
      <dl>
        {sizes.map(({ path, label }) => (
          <SizeRow key={path} path={path} label={label} solution={solution} />
        ))}
      </dl>
      <PinsAndLimits key={path} document={document} solution={solution} under={path} />
      {path === 'body' && <HardwareList solution={solution} />}
    </>
  );
}

function WholeWallet({ document }: WithSolution) {
  const edit = useDesign((state) => state.edit);
  const select = useDesign((state) => state.select);
  const possible = builtInKinds.bodies[document.body.kind]?.closures ?? [];
  const closures = possible.map((id) => ({ id, title: builtInKinds.closures[id]?.title ?? id }));
  return (
    <>
      <div>
        <div className="mb-1 flex justify-between">
          <span>Closes with</span>
          {document.closure.kind !== 'none' && (
            <button
              type="button"
              className="text-xs font-semibold text-weld underline underline-offset-4"
              onClick={() => select('closure')}
            >
              its sizes
            </button>
          )}
        </div>
        <Picker
          label="Closes with"
          value={document.closure.kind}
          options={closures}
          onPick={(kind) => edit(setClosure(kind, closures.find(({ id }) => id === kind)!.title))}
        />
      </div>
      <div className="flex items-center justify-between gap-3">
        <span>Sizes rounded to</span>
        <Picker
          label="Sizes rounded to"
          className="w-32"
          value={document.grid}
          options={gridIds.map((id) => ({ id, title: gridLabel(id) }))}
          onPick={(grid) => edit(setGrid(grid as GridId))}
        />
      </div>
    </>
  );
}

function SizeRow({ path, label, solution }: { path: string; label: string; solution: WithSolution['solution'] }) {
  const explain = useDesign((state) => state.explain);
  const chosen = useDesign((state) => state.explained?.path === path);
  const length = useLength();
  const derived = measureAt(solution, path);
  if (!derived) return null;
  return (
    <div className="flex items-baseline justify-between gap-3 border-b border-hair/70 py-1.5">
      <dt className="text-[13px]">{label}</dt>
      <dd>
        <button
          type="button"
          aria-label={`${label}, ${length(derived.value)}: explain`}
          aria-pressed={chosen}
          className={`font-semibold underline decoration-dotted underline-offset-4 ${chosen ? 'text-chalk-deep' : ''}`}
          onClick={() => explain({ path, into: [] })}
        >
          <Measure mm={derived.value} />
        </button>
      </dd>
    </div>
  );
}
