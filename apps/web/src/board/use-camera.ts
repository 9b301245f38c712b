import { useEffect, useRef, useState } from 'react';
import { useTrueSize } from '../store/true-size.ts';
import { fitted, panned, seen, zoomedAt, type Camera } from './camera.ts';
import type { Frame } from './frame.ts';
import { pinch } from './pinch.ts';

interface Room {
  width: number;
  height: number;
}

/** How a board is looked at, and the ways to change it: wheel and pinch, dragging the ground, keys and buttons. */
export interface BoardCamera {
  frame: Frame;
  /** Whether what is drawn is as large as it is. */
  trueSize: boolean;
  zoom(factor: number): void;
  fit(): void;
  /** Shows it in true size; the screen has been measured. */
  toTrueSize(): void;
  /** What makes the ground of a drawing pan. */
  pan: Pick<React.SVGProps<SVGRectElement>, 'onPointerDown' | 'onPointerMove' | 'onPointerUp'>;
  /** Whether the last press on the ground was a drag. */
  panned(): boolean;
}

/** A press that moves less than this is no drag, px. */
const STILL = 4;

export function useCamera(ref: React.RefObject<HTMLElement | null>, fit: Frame, room: Room): BoardCamera {
  const [looking, setCamera] = useState<Camera>(fitted);
  // true size stays true when what is drawn, or its room, becomes another
  const [fixed, fix] = useState(false);
  const pxPerMm = useTrueSize((state) => state.pxPerMm);
  const camera = fixed && pxPerMm ? { ...looking, zoom: pxPerMm / fit.scale } : looking;
  const drag = useRef<{ from: [number, number]; moved: boolean } | undefined>(undefined);
  const [fingers] = useState(pinch);
  const middle: [number, number] = [room.width / 2, room.height / 2];
  const frame = seen(fit, camera, room);

  useEffect(() => {
    const element = ref.current;
    if (!element) return;
    const onWheel = (event: WheelEvent) => {
      event.preventDefault();
      const box = element.getBoundingClientRect();
      const at: [number, number] = [event.clientX - box.left, event.clientY - box.top];
      const size = { width: box.width, height: box.height };
      fix(false);
      setCamera((now) =>
        event.ctrlKey || event.metaKey || Math.abs(event.deltaX) < Math.abs(event.deltaY)
          ? zoomedAt(now, Math.exp(-event.deltaY / 400), at, size)
          : panned(now, [-event.deltaX, 0]),
      );
    };
    const placeOf = ({ clientX, clientY }: PointerEvent): [number, number] => {
      const { left, top } = element.getBoundingClientRect();
      return [clientX - left, clientY - top];
    };
    const onDown = (event: PointerEvent) => {
      if (event.pointerType !== 'touch') return;
      fingers.down(event.pointerId, placeOf(event));
      // the second finger turns a drag of the ground into a pinch
      if (fingers.pinching()) drag.current = undefined;
    };
    const onMove = (event: PointerEvent) => {
      const pinched = fingers.move(event.pointerId, placeOf(event));
      if (!pinched) return;
      const { width, height } = element.getBoundingClientRect();
      fix(false);
      setCamera((now) => panned(zoomedAt(now, pinched.factor, pinched.at, { width, height }), pinched.by));
    };
    const onUp = (event: PointerEvent) => fingers.up(event.pointerId);
    const ended = new AbortController();
    const { signal } = ended;
    element.addEventListener('wheel', onWheel, { passive: false, signal });
    element.addEventListener('pointerdown', onDown, { capture: true, signal });
    element.addEventListener('pointermove', onMove, { capture: true, signal });
    for (const over of ['pointerup', 'pointercancel'] as const)
      element.addEventListener(over, onUp, { capture: true, signal });
    return () => ended.abort();
  }, [ref, fingers]);

  return {
    frame,
    trueSize: fixed && pxPerMm !== undefined,
    zoom(factor) {
      fix(false);
      setCamera(zoomedAt(camera, factor, middle, room));
    },
    fit() {
      fix(false);
      setCamera(fitted);
    },
    toTrueSize() {
      fix(true);
      setCamera({ ...fitted, zoom: (pxPerMm ?? fit.scale) / fit.scale });
    },
    pan: {
      onPointerDown(event) {
        if (fingers.pinching()) return;
        event.currentTarget.setPointerCapture(event.pointerId);
        drag.current = { from: [event.clientX, event.clientY], moved: false };
      },
      onPointerMove(event) {
        const now = drag.current;
        if (!now || !event.currentTarget.hasPointerCapture(event.pointerId)) return;
        const by: [number, number] = [event.clientX - now.from[0], event.clientY - now.from[1]];
        if (!now.moved && Math.hypot(...by) < STILL) return;
        drag.current = { from: [event.clientX, event.clientY], moved: true };
        setCamera((before) => panned(before, by));
      },
      onPointerUp(event) {
        event.currentTarget.releasePointerCapture(event.pointerId);
      },
    },
    panned: () => drag.current?.moved ?? false,
  };
}
