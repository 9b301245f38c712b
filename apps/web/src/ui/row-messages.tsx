import type { RowMessage } from '../api/client.ts';
import { Signal } from './signal.tsx';

/** What was said of the rows of a table, stops first. */
export function RowMessages({ messages }: { messages: readonly RowMessage[] }) {
  if (messages.length === 0) return null;
  return (
    <ul
      className="mt-2 max-h-48 space-y-1 overflow-y-auto rounded-lg border border-hair bg-white px-3 py-2 text-[13px]"
      tabIndex={0}
      aria-label="What was found"
    >
      {messages.map(({ row, column, severity, text }, index) => (
        <li key={index} className="flex gap-2">
          <Signal of={severity} />
          <span>
            <b className="font-semibold">
              {row === 1 ? 'Heading' : `Row ${row}`}
              {column ? `, ${column}` : ''}:
            </b>{' '}
            {text}
          </span>
        </li>
      ))}
    </ul>
  );
}
