import { ErrorBoundary } from 'react-error-boundary';
import { failureWords } from '../api/client.ts';

interface Props {
  /** What is shown here, such as `drawing`. */
  part: string;
  /** Name of the design. */
  name: string;
  /** What it is made from: where one of these changes, it is tried anew. */
  from: readonly unknown[];
  /** Buttons: what can be done about it. */
  ways: React.ReactNode;
  children: React.ReactNode;
}

/** A part of the page that may fail alone: the others go on, and the design that it happened to is named. */
export const MayFail = ({ part, name, from, ways, children }: Props) => (
  <ErrorBoundary
    resetKeys={[...from]}
    fallbackRender={({ error }) => (
      <div role="alert" className="relative z-10 m-3 rounded-lg border border-chalk bg-chalk-soft px-4 py-3">
        <p>
          <b className="font-semibold">
            The {part} of “{name}” cannot be shown.
          </b>{' '}
          The design itself is stored and was not changed.
        </p>
        <p className="mt-1 text-xs break-words text-quiet">The reason: {failureWords(error)}</p>
        <p className="mt-2 flex flex-wrap gap-2">{ways}</p>
      </div>
    )}
  >
    {children}
  </ErrorBoundary>
);
