import {
  changeGroup,
  changeHolderKind,
  faceOf,
  facesOf,
  groupOf,
  holdersFor,
  limits,
  moveWithin,
  removeHolder,
  shareTitles,
  sharePolicies,
  type DesignDocument,
  type SharePolicy,
} from '@zindle/core';
import { ArrowDown, ArrowUp, Move, Trash2 } from 'lucide-react';
import { thingName } from '../../derivations/things.ts';
import { useKinds } from '../../store/kinds-context.ts';
import { useDesign } from '../../store/design-context.ts';
import { Choice } from '../../ui/choice.tsx';
import { LengthField } from '../../ui/length-field.tsx';
import { Picker } from '../../ui/picker.tsx';
import type { WithSolution } from '../use-solved.ts';

/** What can be done with a holder as a whole: its kind, its place, the order of its things, what lies beside it. */
export function HolderTools({ document, id }: WithSolution & { id: string }) {
  const edit = useDesign((state) => state.edit);
  const place = useDesign((state) => state.place);
  const select = useDesign((state) => state.select);
  const kinds = useKinds();
  const holder = document.holders.find((each) => each.id === id);
  if (!holder) return null;
  const title = kinds.holders[holder.kind]?.title ?? holder.kind;
  return (
    <>
      <div className="flex gap-1.5">
        <button type="button" className="button" onClick={() => place({ kind: 'holder', holder: id })}>
          <Move size={14} aria-hidden="true" /> Move it
        </button>
        <button
          type="button"
          className="button"
          onClick={() => {
            edit(removeHolder(id, title.toLowerCase()));
            select('body');
          }}
        >
          <Trash2 size={14} aria-hidden="true" /> Take it away
        </button>
      </div>
      <KindPicker document={document} id={id} kind={holder.kind} />
      {holder.contents.length > 1 && (
        <ol aria-label="In this order" className="rounded-lg border border-hair bg-white">
          {holder.contents.map(({ line, count }, index) => (
            <li key={line} className="flex items-center gap-1 px-2.5 py-1 not-last:border-b not-last:border-hair/70">
              <span className="min-w-0 flex-1 truncate">
                {thingName(document, line)}
                {count > 1 && ` ×${count}`}
              </span>
              <OrderButton
                title={`${thingName(document, line)} one place before`}
                icon={<ArrowUp size={14} aria-hidden="true" />}
                disabled={index === 0}
                onPress={() => edit(moveWithin(id, line, -1))}
              />
              <OrderButton
                title={`${thingName(document, line)} one place behind`}
                icon={<ArrowDown size={14} aria-hidden="true" />}
                disabled={index === holder.contents.length - 1}
                onPress={() => edit(moveWithin(id, line, 1))}
              />
            </li>
          ))}
        </ol>
      )}
      <BesideTools document={document} id={id} />
    </>
  );
}

interface OrderProps {
  title: string;
  icon: React.ReactNode;
  disabled: boolean;
  onPress(): void;
}

const OrderButton = ({ title, icon, disabled, onPress }: OrderProps) => (
  <button
    type="button"
    className="rounded p-1.5 hover:bg-cloth disabled:text-hair"
    aria-label={title}
    disabled={disabled}
    onClick={onPress}
  >
    {icon}
  </button>
);

/** The kinds that may sit where it is. */
function KindPicker({ document, id, kind }: { document: DesignDocument; id: string; kind: string }) {
  const edit = useDesign((state) => state.edit);
  const face = faceOf(document, id);
  const kinds = useKinds();
  const seat = facesOf(document, kinds).find((each) => each.id === face)?.seat;
  const offered = holdersFor(document, kinds).filter(([, { seats }]) => seat && seats.includes(seat));
  if (offered.length < 2) return null;
  return (
    <div>
      <span aria-hidden="true">Kind of holder</span>
      <Picker
        label="Kind of holder"
        value={kind}
        options={offered.map(([each, { title }]) => ({ id: each, title }))}
        onPick={(next) => edit(changeHolderKind(id, next, kinds))}
      />
    </div>
  );
}

/** The row or column that it lies in. */
function BesideTools({ document, id }: { document: DesignDocument; id: string }) {
  const edit = useDesign((state) => state.edit);
  const face = faceOf(document, id);
  const arrangement = face === undefined ? undefined : document.faces[face];
  const group = arrangement && groupOf(arrangement, id)?.group;
  if (!group) return null;
  return (
    <section aria-label="Beside it" className="space-y-2 rounded-lg border border-hair bg-white px-2.5 py-2">
      <Choice
        label="With its neighbours"
        value={group.kind}
        choices={[
          { id: 'row', title: 'in a row' },
          { id: 'column', title: 'in a column' },
        ]}
        onChoice={(kind) => edit(changeGroup(id, { kind }))}
      />
      <LengthField
        label="Between them"
        value={group.gap}
        least={limits.gap.least}
        most={limits.gap.most}
        onLength={(gap) => edit(changeGroup(id, { gap }))}
      />
      <div>
        <span aria-hidden="true">Room left over goes to</span>
        <Picker
          label="Room left over goes to"
          value={group.share}
          options={sharePolicies
            .filter((policy) => policy !== 'named' && (policy !== 'set' || group.parts !== undefined))
            .map((policy) => ({ id: policy, title: shareTitles[policy] }))}
          onPick={(share) => edit(changeGroup(id, { share: share as SharePolicy }))}
        />
      </div>
    </section>
  );
}
