/** A design that this version cannot solve at all. */
export const Unsolved = ({ message }: { message: string }) => (
  <main className="p-10">
    <h1 className="text-xl">This design cannot be drawn by this version</h1>
    <p className="mt-2 text-quiet">It stays as it is. The reason: {message}.</p>
  </main>
);
