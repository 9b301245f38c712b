/** What is wrong with a field, right below it; read out at once. */
export const FieldError = ({
  id,
  children,
  className = 'mt-0.5',
}: {
  id: string;
  children: React.ReactNode;
  className?: string;
}) => (
  <p id={id} className={`field-error ${className}`} role="alert">
    {children}
  </p>
);
