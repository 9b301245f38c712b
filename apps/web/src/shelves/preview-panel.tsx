import type { Preview } from './use-preview.ts';
import { WhatWouldChange } from './what-changes.tsx';

interface Props {
  preview: Preview;
  /** What has been changed, in words. */
  title: string;
  /** Why it cannot be taken over, if it cannot. */
  problem?: string | undefined;
  onTake(): void;
  onLeave(): void;
}

/** A change that is not made yet: what it would do to the stored designs, and the two ways out. */
export function PreviewPanel({ preview, title, problem, onTake, onLeave }: Props) {
  return (
    <section aria-label="Before it is changed" className="border-t border-ink bg-wax-soft px-3.5 py-3">
      <h3 className="text-base">{title}</h3>
      <div
        aria-live="polite"
        className="mt-1 max-h-52 overflow-y-auto pr-1"
        tabIndex={0}
        role="group"
        aria-label="What would change"
      >
        {preview.kind === 'looking' && (
          <p className="text-quiet">
            Trying it on your designs …{preview.of > 0 && ` ${preview.done} of ${preview.of}`}
          </p>
        )}
        {preview.kind === 'failed' && <p className="text-chalk-deep">{preview.message}</p>}
        {preview.kind === 'found' && <WhatWouldChange changes={preview.changes} />}
      </div>
      {problem && (
        <p role="alert" className="field-error mt-2">
          {problem}
        </p>
      )}
      <div className="mt-2.5 flex gap-2">
        <button type="button" className="button button-main" onClick={onTake}>
          Take it over
        </button>
        <button type="button" className="button" onClick={onLeave}>
          Leave it as it was
        </button>
      </div>
    </section>
  );
}
