import { useState } from 'react';
import { api, ApiFailure, type OutlineAnswer } from '../../api/client.ts';
import { FileField } from '../../ui/file-field.tsx';
import { NumberField } from '../../ui/number-field.tsx';
import { SheetDialog } from '../../ui/sheet-dialog.tsx';
import type { ElsewhereProps } from './elsewhere-props.ts';
import { useOutlineThing } from './outline-thing.tsx';
import { useAddThing } from './use-add-lines.ts';

/** The outline of a thing from a drawing; where the drawing does not say how large its units are, the maker does. */
export function OutlineDialog({ onClose }: ElsewhereProps) {
  const addThing = useAddThing();
  const [file, setFile] = useState<File>();
  const [answer, setAnswer] = useState<OutlineAnswer>();
  const [failure, setFailure] = useState<ApiFailure>();
  const [scale, setScale] = useState(1);
  const { item, fields } = useOutlineThing(answer);
  async function read(chosen: File, mmPerUnit?: number) {
    setFile(chosen);
    try {
      setAnswer(await api.readOutline(chosen, mmPerUnit));
      setFailure(undefined);
    } catch (error) {
      setAnswer(undefined);
      setFailure(error instanceof ApiFailure ? error : new ApiFailure(0, 'server.failed', String(error)));
    }
  }
  const asksScale = failure?.code === 'outline.noUnits' || failure?.code === 'outline.size';
  function add() {
    if (item) addThing(item);
    onClose();
  }
  return (
    <SheetDialog
      title="An outline"
      about="An SVG or a DXF with the closed line round one thing, seen from above."
      onClose={onClose}
      main={{ title: 'Add it', disabled: !item, onPress: add }}
    >
      <FileField label="The drawing" accept=".svg,.dxf,image/svg+xml" onFile={(chosen) => void read(chosen)} />
      <div aria-live="polite" className="mt-3">
        {failure && (
          <p role="alert" className="rounded-lg bg-chalk-soft px-3 py-2">
            {failure.message}
          </p>
        )}
        {asksScale && file && (
          <div className="mt-3 flex items-center gap-3">
            <NumberField
              label="One unit of the drawing is"
              value={scale}
              least={0.0001}
              most={10_000}
              unit="mm"
              onNumber={setScale}
            />
            <button type="button" className="button" onClick={() => void read(file, scale)}>
              Read it so
            </button>
            <button type="button" className="button" onClick={() => void read(file, 25.4 / 96)}>
              It is drawn at 96 to the inch
            </button>
          </div>
        )}
        {answer?.notes.map((note) => (
          <p key={note} className="text-quiet">
            {note}
          </p>
        ))}
      </div>
      {fields}
    </SheetDialog>
  );
}
