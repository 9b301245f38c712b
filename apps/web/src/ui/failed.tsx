interface Props {
  /** What went wrong, and what follows from it. */
  children: React.ReactNode;
  onAgain(): void;
  className?: string;
}

/** Something that could not be fetched, and the way to ask again. */
export const Failed = ({ children, onAgain, className = 'mt-3 rounded-lg px-4 py-3' }: Props) => (
  <p role="alert" className={`bg-chalk-soft ${className}`}>
    {children}{' '}
    <button type="button" className="font-semibold underline" onClick={onAgain}>
      Try again
    </button>
  </p>
);
