import { Link } from 'react-router';

/** The name, hung on its stitches; leads to the shelf. */
export const Wordmark = () => (
  <Link
    to="/"
    className="inline-block font-head text-2xl leading-none font-bold tracking-tight"
    aria-label="Zindle, to the shelf"
  >
    zindle
    <svg width="38" height="4" className="mt-0.5 ml-3 block" aria-hidden="true">
      <line x1="0" y1="2" x2="38" y2="2" stroke="#C8452F" strokeWidth="2" strokeDasharray="6 4" />
    </svg>
  </Link>
);
