import { sizeAt } from '@zindle/core';
import { inspected } from '../../derivations/inspected.ts';
import { useKinds } from '../../store/kinds-context.ts';
import { useDesign } from '../../store/design-context.ts';
import { Measure } from '../../ui/measure.tsx';
import { useLength } from '../../ui/use-length.ts';
import { Explaining } from '../explaining.tsx';
import type { WithSolution } from '../use-solved.ts';
import { HardwareList } from './hardware-list.tsx';
import { HolderTools } from './holder-tools.tsx';
import { NoteInspector } from './note-inspector.tsx';
import { PinsAndLimits } from './pins-and-limits.tsx';
import { PlaceList } from './placing/place-list.tsx';
import { ParamField, RuleField } from './setting-fields.tsx';
import { PartTools, WholePiece } from './whole-piece.tsx';

/** The selected object: what can be set, what follows, and the sum behind the size in hand; or where what is in hand can go. */
export function Inspector({ document, solution }: WithSolution) {
  const placing = useDesign((state) => state.placing);
  const selection = useDesign((state) => state.selection);
  const both = { document, solution };
  if (placing) return <PlaceList document={document} placing={placing} />;
  const note = document.notes?.find(({ id }) => selection === `notes/${id}`);
  return note ? <NoteInspector key={note.id} note={note} /> : <ObjectInspector {...both} selection={selection} />;
}

function ObjectInspector({ document, solution, selection }: WithSolution & { selection: string }) {
  const select = useDesign((state) => state.select);
  const { path, title, about, params, rules, sizes } = inspected(document, solution, selection, useKinds());
  const explained = useDesign((state) => state.explained);
  const both = { document, solution };
  const [kind, id = ''] = path.split('/');
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
      {explained && <Explaining {...both} explained={explained} />}
      <div className="mt-3 space-y-2.5">
        {path === 'body' && <WholePiece {...both} />}
        {kind === 'holders' && <HolderTools key={id} {...both} id={id} />}
        {kind === 'parts' && <PartTools id={id} title={title} />}
        {params.map(({ key, spec }) => (
          <ParamField key={`${path}/${key}`} document={document} selection={path} name={key} spec={spec} />
        ))}
        {rules.map((rule) => (
          <RuleField key={rule.id} document={document} rule={rule} />
        ))}
      </div>
      <h3 className="mt-5 text-sm">What follows</h3>
      <dl>
        {sizes.map((size) => (
          <SizeRow key={size.path} path={size.path} label={size.label} solution={solution} />
        ))}
      </dl>
      <PinsAndLimits key={path} {...both} under={path} />
      {path === 'body' && <HardwareList solution={solution} />}
    </>
  );
}

function SizeRow({ path, label, solution }: { path: string; label: string; solution: WithSolution['solution'] }) {
  const explain = useDesign((state) => state.explain);
  const chosen = useDesign((state) => state.explained?.path === path);
  const length = useLength();
  const derived = sizeAt(solution, path);
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
