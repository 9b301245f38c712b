import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { typesText } from './keys.ts';

// what the browser calls its elements: the tests run without one
class TextArea {}
class Select {}
class Input {
  constructor(readonly type: string) {}
}
class Group {
  role = 'slider';
}
const names = { HTMLTextAreaElement: TextArea, HTMLSelectElement: Select, HTMLInputElement: Input };

describe('a key belongs to what is typed', () => {
  beforeAll(() => void Object.assign(globalThis, names));
  afterAll(() => {
    for (const name of Object.keys(names)) Reflect.deleteProperty(globalThis, name);
  });
  const at = (target: unknown) => typesText({ target: target as EventTarget });

  test.each(['text', 'search', 'number', 'date', 'email'])('in a field for %s', (type) =>
    expect(at(new Input(type))).toBe(true),
  );
  test('in a text of several lines, and in a list that is searched by letters', () => {
    expect([at(new TextArea()), at(new Select())]).toEqual([true, true]);
  });
  test.each(['checkbox', 'radio', 'range', 'button', 'file', 'color'])('not on a %s', (type) =>
    expect(at(new Input(type))).toBe(false),
  );
  test('not on a handle of the drawing, nor on nothing', () => {
    expect([at(new Group()), at(null)]).toEqual([false, false]);
  });
});
