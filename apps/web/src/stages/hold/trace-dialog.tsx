import { useEffect, useMemo, useRef, useState, type KeyboardEvent, type MouseEvent } from 'react';
import { clicked, noTrace, scaleOf, tracedOutline, unclicked, type Spot } from '../../derivations/trace.ts';
import { FileField } from '../../ui/file-field.tsx';
import { LengthField } from '../../ui/length-field.tsx';
import { SheetDialog } from '../../ui/sheet-dialog.tsx';
import type { ElsewhereProps } from './elsewhere-props.ts';
import { useOutlineThing } from './outline-thing.tsx';
import { useAddThing } from './use-add-lines.ts';

interface Photo {
  address: string;
  width: number;
  height: number;
}

/** Room for the photo, px. */
const ROOM = { width: 600, height: 430 };

/** A thing clicked round on a photo, scaled by two clicks on a length that is known. */
export function TraceDialog({ onClose }: ElsewhereProps) {
  const addThing = useAddThing();
  const { photo, failure, open } = usePhoto();
  const [trace, setTrace] = useState(noTrace);
  const traced = useMemo(() => tracedOutline(trace), [trace]);
  const { item, fields } = useOutlineThing(traced?.ok ? traced : undefined);
  const shrink = photo ? Math.min(1, ROOM.width / photo.width, ROOM.height / photo.height) : 1;
  function add() {
    if (item) addThing(item);
    onClose();
  }
  return (
    <SheetDialog
      title="Trace a photo"
      about="Photograph the thing flat and straight from above, with a ruler or a bank card beside it."
      width={920}
      onClose={onClose}
      main={{ title: 'Add it', disabled: !item, onPress: add }}
      more={
        <button
          type="button"
          className="button mr-auto"
          disabled={trace.ends.length === 0}
          onClick={() => setTrace(unclicked)}
        >
          Last click back
        </button>
      }
    >
      {!photo && <FileField label="The photo" accept="image/*" onFile={open} />}
      {failure && (
        <p role="alert" className="mt-2 rounded-lg bg-chalk-soft px-3 py-2">
          {failure}
        </p>
      )}
      {photo && (
        <>
          <div className="flex items-center gap-5">
            <p className="flex-1" role="status">
              {stepWords(trace.ends.length, scaleOf(trace), trace.round.length)}
              {traced && !traced.ok && <span className="block text-chalk-deep">{traced.message}</span>}
            </p>
            <LengthField
              label="Known length"
              value={trace.known}
              least={5}
              most={2000}
              onLength={(known) => setTrace((before) => ({ ...before, known }))}
            />
          </div>
          <div className="flex items-start gap-4">
            <Picture
              photo={photo}
              shrink={shrink}
              trace={trace}
              onSpot={(spot) => setTrace((before) => clicked(before, spot))}
            />
            <div className="min-w-0 flex-1">{fields}</div>
          </div>
        </>
      )}
    </SheetDialog>
  );
}

function stepWords(ends: number, scale: number | undefined, round: number): string {
  if (ends < 2) return `Click the ${ends === 0 ? 'first' : 'other'} end of the known length.`;
  if (scale === undefined) return 'The two ends lie too near each other: take a click back.';
  return round < 3 ? 'Now click round the thing, corner by corner.' : 'Go on round it; the line closes by itself.';
}

interface PictureProps {
  photo: Photo;
  shrink: number;
  trace: typeof noTrace;
  onSpot(spot: Spot): void;
}

/** The photo with what was clicked; by keyboard a cross is moved with the arrow keys and set with Enter. */
function Picture({ photo, shrink, trace, onSpot }: PictureProps) {
  const [width, height] = [photo.width * shrink, photo.height * shrink];
  const [cross, setCross] = useState<Spot>([photo.width / 2, photo.height / 2]);
  const svg = useRef<SVGSVGElement>(null);
  function press(event: MouseEvent) {
    const box = svg.current!.getBoundingClientRect();
    const spot: Spot = [(event.clientX - box.left) / shrink, (event.clientY - box.top) / shrink];
    setCross(spot);
    onSpot(spot);
  }
  function walk(event: KeyboardEvent) {
    const by = (event.shiftKey ? 10 : 1) / shrink;
    const step = { ArrowLeft: [-by, 0], ArrowRight: [by, 0], ArrowUp: [0, -by], ArrowDown: [0, by] }[event.key];
    if (step) setCross(([x, y]) => [x + step[0]!, y + step[1]!]);
    else if (event.key === 'Enter' || event.key === ' ') onSpot(cross);
    else return;
    event.preventDefault();
  }
  const at = ([x, y]: Spot) => `${x * shrink} ${y * shrink}`;
  return (
    <svg
      ref={svg}
      width={width}
      height={height}
      className="mt-3 shrink-0 cursor-crosshair rounded-lg border border-hair"
      role="application"
      tabIndex={0}
      aria-label="The photo. Arrow keys move the cross, Enter sets a place."
      onClick={press}
      onKeyDown={walk}
    >
      <image href={photo.address} width={width} height={height} />
      {trace.ends.length === 2 && (
        <path d={`M${trace.ends.map(at).join('L')}`} stroke="#0F6B66" strokeWidth="2" strokeDasharray="6 4" />
      )}
      {trace.round.length > 1 && (
        <path
          d={`M${trace.round.map(at).join('L')}Z`}
          fill="#C8452F"
          fillOpacity="0.16"
          stroke="#C8452F"
          strokeWidth="2"
        />
      )}
      {[
        ...trace.ends.map((spot) => [spot, '#0F6B66'] as const),
        ...trace.round.map((spot) => [spot, '#C8452F'] as const),
      ].map(([[x, y], colour], index) => (
        <circle key={index} cx={x * shrink} cy={y * shrink} r="4" fill="#fff" stroke={colour} strokeWidth="2" />
      ))}
      <path
        d={`M${cross[0] * shrink - 9} ${cross[1] * shrink}h18M${cross[0] * shrink} ${cross[1] * shrink - 9}v18`}
        stroke="#1F2B44"
        strokeWidth="1.2"
      />
    </svg>
  );
}

/** A picture from the maker's files; it never leaves this page. */
function usePhoto() {
  const [photo, setPhoto] = useState<Photo>();
  const [failure, setFailure] = useState<string>();
  const address = photo?.address;
  useEffect(() => () => (address ? URL.revokeObjectURL(address) : undefined), [address]);
  function open(file: File) {
    const picture = new Image();
    const from = URL.createObjectURL(file);
    picture.onload = () => {
      setFailure(undefined);
      setPhoto({ address: from, width: picture.naturalWidth, height: picture.naturalHeight });
    };
    picture.onerror = () => {
      URL.revokeObjectURL(from);
      setFailure(`“${file.name}” is no picture that can be shown. Save it as JPEG or PNG.`);
    };
    picture.src = from;
  }
  return { photo, failure, open };
}
