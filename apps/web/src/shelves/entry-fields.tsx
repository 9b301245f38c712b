import { shelfLimits, shelfSpec, type FieldSpec, type ShelfEntry, type ShelfId } from '@zindle/core';
import { Choice } from '../ui/choice.tsx';
import { LengthField } from '../ui/length-field.tsx';
import { NumberField } from '../ui/number-field.tsx';
import { Picker } from '../ui/picker.tsx';
import { TextField } from '../ui/text-field.tsx';
import { valueOf } from './entry-words.ts';

interface Props {
  shelf: ShelfId;
  entry: ShelfEntry;
  onChange(entry: ShelfEntry): void;
}

const changed = (entry: ShelfEntry, key: string, value: unknown): ShelfEntry => {
  const others = Object.fromEntries(Object.entries(entry).filter(([other]) => other !== key));
  return (value === undefined ? others : { ...others, [key]: value }) as unknown as ShelfEntry;
};

/** What a field begins with when it is added. */
const firstValue = (field: FieldSpec): unknown => {
  if (field.kind === 'length') return Math.min(field.most, Math.max(field.least, 10));
  if (field.kind === 'number') return Math.min(field.most, Math.max(field.least, 0.1 * field.most >= 1 ? 1 : 0.1));
  return field.kind === 'choice' ? field.choices[0] : field.kind === 'lengths' ? [100] : '';
};

/** All that is known of an entry; what is not said can be added. */
export function EntryFields({ shelf, entry, onChange }: Props) {
  const { fields, complete } = shelfSpec(shelf);
  const usual = Object.keys(complete({ id: '', name: '' }));
  const set = (key: string, value: unknown) => onChange(changed(entry, key, value));
  const asked = fields.filter(({ kind }) => kind === 'flag');
  const told = fields.filter((field) => field.kind !== 'flag' && valueOf(entry, field.key) !== undefined);
  const untold = fields.filter(
    ({ key, kind }) => kind !== 'flag' && kind !== 'polygon' && kind !== 'tags' && valueOf(entry, key) === undefined,
  );
  return (
    <div className="space-y-2.5">
      {told
        .filter(({ kind }) => kind !== 'tags')
        .map((field) => (
          <Field
            key={field.key}
            field={field}
            value={valueOf(entry, field.key)}
            removable={!field.required && !usual.includes(field.key) && field.key !== 'thickness'}
            onValue={(value) => set(field.key, value)}
          />
        ))}
      <TagsField tags={entry.tags ?? []} onTags={(tags) => set('tags', tags.length > 0 ? tags : undefined)} />
      {asked.map((field) => (
        <Choice
          key={field.key}
          label={field.kind === 'flag' ? field.question : field.title}
          value={valueOf(entry, field.key) === true ? 'yes' : 'no'}
          choices={[
            { id: 'yes', title: 'yes' },
            { id: 'no', title: 'no' },
          ]}
          onChoice={(answer) => set(field.key, answer === 'yes' ? true : usual.includes(field.key) ? false : undefined)}
        />
      ))}
      {untold.length > 0 && (
        <div className="flex flex-wrap gap-1.5 pt-1">
          {untold.map((field) => (
            <button
              key={field.key}
              type="button"
              className="rounded-full border border-dashed border-quiet px-2.5 py-1 text-[13px] hover:bg-white"
              title={field.why}
              onClick={() => set(field.key, firstValue(field))}
            >
              + {field.title}
            </button>
          ))}
        </div>
      )}
    </div>
  );
}

interface FieldProps {
  field: FieldSpec;
  value: unknown;
  removable: boolean;
  onValue(value: unknown): void;
}

function Field({ field, value, removable, onValue }: FieldProps) {
  const input = <Input field={field} value={value} onValue={onValue} />;
  if (!removable) return input;
  return (
    <div className="flex items-start gap-1">
      <div className="min-w-0 flex-1">{input}</div>
      <button
        type="button"
        className="min-h-8 rounded px-1.5 text-quiet hover:bg-white hover:text-ink"
        aria-label={`Leave out ${field.title}`}
        onClick={() => onValue(undefined)}
      >
        ×
      </button>
    </div>
  );
}

function Input({ field, value, onValue }: Omit<FieldProps, 'removable'>) {
  const { title: label, why } = field;
  const hint = why === undefined ? {} : { hint: why };
  switch (field.kind) {
    case 'length':
      return (
        <LengthField
          label={label}
          value={value as number}
          least={field.least}
          most={field.most}
          {...hint}
          onLength={onValue}
        />
      );
    case 'number':
      return (
        <NumberField
          label={label}
          value={value as number}
          least={field.least}
          most={field.most}
          unit={field.unit}
          whole={field.whole ?? false}
          {...hint}
          onNumber={onValue}
        />
      );
    case 'choice':
      return (
        <div className="flex items-center justify-between gap-3">
          <span>{label}</span>
          <Picker
            label={label}
            className="w-40"
            value={String(value)}
            options={field.choices.map((id) => ({ id, title: id }))}
            onPick={onValue}
          />
        </div>
      );
    case 'tint':
      return (
        <label className="flex items-center justify-between gap-3">
          {label}
          <input
            type="color"
            className="h-8 w-16 rounded border border-hair bg-white"
            value={String(value).toLowerCase()}
            onChange={(event) => onValue(event.target.value)}
          />
        </label>
      );
    case 'lengths':
      return (
        <LengthsField
          label={label}
          value={value as number[]}
          least={field.least}
          most={field.most}
          onLengths={onValue}
        />
      );
    case 'polygon':
      return (
        <p className="flex justify-between gap-3">
          {label} <span className="text-quiet">{(value as unknown[]).length} points</span>
        </p>
      );
    default:
      return <TextField label={label} value={String(value)} {...hint} onText={(text) => taken(text, field, onValue)} />;
  }
}

function taken(text: string, field: FieldSpec, onValue: (value: unknown) => void): string | undefined {
  const most = field.kind === 'text' ? field.most : 80;
  if (text.length > most) return `At most ${most} letters.`;
  onValue(text);
  return undefined;
}

function LengthsField({
  label,
  value,
  least,
  most,
  onLengths,
}: {
  label: string;
  value: readonly number[];
  least: number;
  most: number;
  onLengths(lengths: number[]): void;
}) {
  return (
    <TextField
      label={`${label}, mm`}
      value={value.join(' ')}
      onText={(text) => {
        const lengths = text
          .split(/[\s;,]+/)
          .filter(Boolean)
          .map(Number);
        if (lengths.some((mm) => !(mm >= least && mm <= most))) return `Write lengths from ${least} to ${most} mm.`;
        onLengths(lengths.sort((a, b) => a - b));
        return undefined;
      }}
    />
  );
}

function TagsField({ tags, onTags }: { tags: readonly string[]; onTags(tags: string[]): void }) {
  return (
    <TextField
      label="Tags"
      value={tags.join(', ')}
      placeholder="shore, lent out"
      onText={(text) => {
        const next = [...new Set(text.split(/[,;]/).flatMap((tag) => tag.trim() || []))];
        if (next.length > shelfLimits.tags) return `At most ${shelfLimits.tags} tags.`;
        const long = next.find((tag) => tag.length > shelfLimits.tagLength);
        if (long) return `“${long}” is longer than ${shelfLimits.tagLength} letters.`;
        onTags(next);
        return undefined;
      }}
    />
  );
}
