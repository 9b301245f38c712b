import type { Board } from '@zindle/core';
import { Radio, RadioGroup } from '@headlessui/react';
import { useDesign } from '../../../store/design-context.ts';

/** The sides of the design, to look at one of them. */
export function SideTabs({ boards, shown }: { boards: readonly Board[]; shown: string }) {
  const look = useDesign((state) => state.look);
  const select = useDesign((state) => state.select);
  const selection = useDesign((state) => state.selection);
  const sides = [
    ...boards.map(({ id, title }) => ({ id, title: shortTitle(title), about: title })),
    { id: 'form', title: 'Finished', about: 'The finished form, closed and full' },
    { id: 'pieces', title: 'Pieces', about: 'The pieces to cut' },
  ];
  function choose(id: string) {
    const board = boards.find((each) => each.id === id);
    const holder = /^holders\/(.*)$/.exec(selection)?.[1];
    if (board && holder && !board.holders.some((each) => each.id === holder)) select('body');
    look(id);
  }
  return (
    <RadioGroup
      value={shown}
      onChange={choose}
      aria-label="Side"
      className="flex min-h-10 shrink-0 flex-wrap items-end gap-x-3.5 border-b border-hair bg-sheet px-4"
    >
      {sides.map(({ id, title, about }) => (
        <Radio
          key={id}
          value={id}
          title={about}
          className="flex min-h-10 shrink-0 cursor-pointer items-center border-b-2 border-transparent text-quiet data-checked:border-chalk data-checked:font-semibold data-checked:text-ink data-focus:outline-2 data-focus:outline-offset-2 data-focus:outline-chalk"
        >
          {title}
        </Radio>
      ))}
    </RadioGroup>
  );
}

/** What stands before the first comma. */
const shortTitle = (title: string): string => title.split(',')[0]!.replace(/ of \d+$/, '');
