import type { KeyboardEvent, MouseEvent } from 'react';

/** Keys held while something is pressed. */
export type Held = Pick<MouseEvent, 'ctrlKey' | 'metaKey' | 'shiftKey'>;

/** Makes a part of a drawing a button: pointer, Enter and space. */
export const pressable = (press: (held: Held) => void) => ({
  role: 'button' as const,
  tabIndex: 0,
  onClick: press,
  onKeyDown(event: KeyboardEvent) {
    if (event.key !== 'Enter' && event.key !== ' ') return;
    event.preventDefault();
    press(event);
  },
});
