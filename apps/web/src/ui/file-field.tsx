interface Props {
  label: string;
  accept: string;
  onFile(file: File): void;
}

/** A file of the maker's; the same one can be chosen again. */
export function FileField({ label, accept, onFile }: Props) {
  return (
    <label className="block">
      <span className="sr-only">{label}</span>
      <input
        type="file"
        accept={accept}
        className="block w-full rounded-lg border border-dashed border-quiet bg-white p-3"
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          if (file) onFile(file);
          event.target.value = '';
        }}
      />
    </label>
  );
}
