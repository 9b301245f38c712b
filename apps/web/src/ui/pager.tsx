interface Props {
  /** What the pages are of, such as `Pages of the bin`. */
  label: string;
  page: number;
  pages: number;
  onPage(page: number): void;
}

/** Turns the pages of a long list; nothing where there is only one. */
export function Pager({ label, page, pages, onPage }: Props) {
  if (pages <= 1) return null;
  return (
    <nav aria-label={label} className="mt-6 flex items-center justify-center gap-3">
      <button type="button" className="button" disabled={page <= 1} onClick={() => onPage(page - 1)}>
        Before
      </button>
      <span>
        {page} of {pages}
      </span>
      <button type="button" className="button" disabled={page >= pages} onClick={() => onPage(page + 1)}>
        Next
      </button>
    </nav>
  );
}
