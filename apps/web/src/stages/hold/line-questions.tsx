import {
  changeContents,
  changeItem,
  itemFields,
  type ContentsLine,
  type DesignDocument,
  type Item,
  type Reach,
} from '@zindle/core';
import { thingsToHold } from '../../derivations/things.ts';
import { useDesign } from '../../store/design-context.ts';
import { useShelves } from '../../store/shelves.ts';
import { Choice } from '../../ui/choice.tsx';

export const reachChoices: readonly { id: Reach; title: string }[] = [
  { id: 'often', title: 'often' },
  { id: 'sometimes', title: 'now and then' },
  { id: 'seldom', title: 'seldom' },
];

/** How far something stands out, by words (common practice), mm. */
const shows = [
  { id: 'usual', title: 'as usual', mm: undefined },
  { id: 'hidden', title: 'hidden', mm: 0 },
  { id: 'peek', title: 'a peek', mm: 10 },
  { id: 'grip', title: 'a grip', mm: 25 },
] as const;

/** The questions of the shelf that matter where a thing is held. */
const traits = itemFields.flatMap((field) => (field.kind === 'flag' ? [field] : []));

interface Props {
  document: DesignDocument;
  line: ContentsLine;
  item: Item;
}

/** What it is like, in plain questions, and how it is wanted here. */
export function LineQuestions({ document, line, item }: Props) {
  const edit = useDesign((state) => state.edit);
  const items = useShelves((state) => state.shelves.items);
  const mates = thingsToHold(document).filter(
    (each) => line.group !== undefined && each.line.group === line.group && each.line.id !== line.id,
  );
  const shown = shows.find(({ mm }) => mm === line.visible)?.id ?? 'other';
  return (
    <section aria-label="About it" className="mt-5">
      <h3 className="text-base">About it</h3>
      <div className="mt-1 divide-y divide-hair/70">
        {traits.map(({ key, question }) => (
          <Question
            key={key}
            label={question}
            yes={item[key as 'fragile'] === true}
            onAnswer={(yes) => edit(changeItem(line, answered(item, key, yes), `own-${line.id}`))}
          />
        ))}
        <div className="py-1.5">
          <Choice
            label="How often is it reached for?"
            value={line.reach ?? 'sometimes'}
            choices={reachChoices}
            onChoice={(reach) => edit(changeContents(line.id, { reach }, items, 'Change how often it is reached for'))}
          />
        </div>
        <div className="py-1.5">
          <Choice
            label="How much should show?"
            value={shown}
            choices={shows}
            onChoice={(id) => {
              const visible = shows.find((each) => each.id === id)?.mm;
              edit(changeContents(line.id, { visible }, items, 'Change how much shows'));
            }}
          />
        </div>
      </div>
      {mates.length > 0 && (
        <p className="mt-2">
          Shares its place with {mates.map(({ name }) => name).join(', ')}.{' '}
          <button
            type="button"
            className="font-semibold text-weld underline underline-offset-4"
            onClick={() => edit(changeContents(line.id, { group: undefined }, items, 'Give it a place of its own'))}
          >
            A place of its own
          </button>
        </p>
      )}
    </section>
  );
}

const answered = (item: Item, key: string, yes: boolean): Item => {
  const others = Object.fromEntries(Object.entries(item).filter(([other]) => other !== key));
  return (yes ? { ...others, [key]: true } : others) as unknown as Item;
};

function Question({ label, yes, onAnswer }: { label: string; yes: boolean; onAnswer(yes: boolean): void }) {
  return (
    <div className="py-1.5">
      <Choice
        label={label}
        value={yes ? 'yes' : 'no'}
        choices={[
          { id: 'yes', title: 'yes' },
          { id: 'no', title: 'no' },
        ]}
        onChoice={(answer) => onAnswer(answer === 'yes')}
      />
    </div>
  );
}
