import { Link, useRouteError } from 'react-router';
import { Wordmark } from '../ui/wordmark.tsx';

function Notice({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <main className="mx-auto max-w-xl p-10">
      <Wordmark />
      <h1 className="mt-8 text-2xl">{title}</h1>
      <p className="mt-2 text-quiet">{children}</p>
      <Link to="/" className="button button-main mt-6">
        To the designs
      </Link>
    </main>
  );
}

/** An address that leads nowhere. */
export const LostPage = () => (
  <Notice title="There is nothing at this address">Perhaps it was shortened on the way.</Notice>
);

/** Something in the program went wrong; what was changed is stored. */
export function CrashPage() {
  const error = useRouteError();
  const reason = error instanceof Error ? error.message : 'Something went wrong.';
  return (
    <Notice title="This page failed">
      {reason} Your changes are stored: go back to the designs and open it again.
    </Notice>
  );
}
