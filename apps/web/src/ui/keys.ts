/** Kinds of input that take a press or a drag, not text. */
const PRESSED = ['checkbox', 'radio', 'range', 'button', 'submit', 'file', 'color'];

/** Whether text is being typed where a key was pressed: the key belongs to the text then. */
export const typesText = ({ target }: Pick<KeyboardEvent, 'target'>): boolean =>
  target instanceof HTMLTextAreaElement ||
  target instanceof HTMLSelectElement ||
  (target instanceof HTMLInputElement && !PRESSED.includes(target.type));

/** For keys that work everywhere but where text is typed. */
export const EVERYWHERE = { enableOnFormTags: true, ignoreEventWhen: typesText } as const;
