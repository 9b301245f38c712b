import { formatLength, type SizeChange } from '@zindle/core';
import { Link } from 'react-router';
import type { WhatChanges } from '../api/client.ts';
import { useUnit } from '../ui/use-length.ts';

/** The stored designs that would come out otherwise, each with what changes in it. */
export function WhatWouldChange({ changes }: { changes: WhatChanges }) {
  const { designs, looked } = changes;
  if (designs.length === 0)
    return (
      <p>
        No stored design changes{' '}
        <span className="text-quiet">({looked === 1 ? 'the one there is was' : `all ${looked} were`} looked at).</span>
      </p>
    );
  return (
    <>
      <p className="font-semibold">
        {designs.length === 1 ? 'One design comes' : `${designs.length} designs come`} out otherwise{' '}
        <span className="font-normal text-quiet">of {looked}:</span>
      </p>
      <ul className="mt-1 space-y-1.5">
        {designs.map(({ id, name, changes: sizes, more }) => (
          <li key={id}>
            <Link to={`/d/${id}/shape`} className="font-medium underline underline-offset-4">
              {name}
            </Link>
            <ul className="text-[13px]">
              {sizes.slice(0, 3).map((change) => (
                <li key={change.path} className="flex justify-between gap-3">
                  <span className="min-w-0 truncate text-quiet">{change.label}</span>
                  <Change change={change} />
                </li>
              ))}
            </ul>
            {sizes.length - 3 + more > 0 && (
              <span className="text-xs text-quiet">and {Math.max(0, sizes.length - 3) + more} more sizes</span>
            )}
          </li>
        ))}
      </ul>
    </>
  );
}

function Change({ change: { before, after } }: { change: SizeChange }) {
  const unit = useUnit();
  const plain = (mm: number | undefined) => (mm === undefined ? 'none' : formatLength(mm, { unit }));
  // what is less than is shown is told with a digit more
  const fine = (mm: number | undefined) =>
    plain(before) === plain(after) && mm !== undefined
      ? formatLength(mm, { unit, decimals: 2, denominator: 64 })
      : plain(mm);
  return (
    <span className="whitespace-nowrap">
      <s className="text-quiet">{fine(before)}</s> <span aria-hidden="true">→</span>{' '}
      <b className="font-semibold">{fine(after)}</b>
    </span>
  );
}
