import type { KeyboardEvent } from 'react';

/** Makes a part of a drawing a button: pointer, Enter and space. */
export const pressable = (press: () => void) => ({
  role: 'button' as const,
  tabIndex: 0,
  onClick: press,
  onKeyDown(event: KeyboardEvent) {
    if (event.key !== 'Enter' && event.key !== ' ') return;
    event.preventDefault();
    press();
  },
});
