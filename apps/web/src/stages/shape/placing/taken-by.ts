import type { DraggableSyntheticListeners } from '@dnd-kit/core';
import type { MouseEventHandler, TouchEventHandler } from 'react';

/** What takes hold of a part of the page or of a drawing, so that it is dragged: a mouse, or a finger that rests on it. */
export const takenBy = (listeners: DraggableSyntheticListeners) => ({
  onMouseDown: listeners?.onMouseDown as MouseEventHandler<Element> | undefined,
  onTouchStart: listeners?.onTouchStart as TouchEventHandler<Element> | undefined,
});
