import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import { ChevronDown } from 'lucide-react';
import { useDesign } from '../store/design-context.ts';

/** Steps that are listed on either side; the rest is reached one by one. */
const SHOWN = 12;

/** What was done, by name: choosing a step goes to the state after it. */
export function HistoryMenu() {
  const empty = useDesign(({ history }) => history.past.length + history.future.length === 0);
  return (
    <Menu>
      <MenuButton className="button px-1.5" aria-label="What was done" disabled={empty}>
        <ChevronDown size={15} aria-hidden="true" />
      </MenuButton>
      <MenuItems
        modal={false}
        anchor={{ to: 'bottom end', gap: 6 }}
        className="z-30 max-h-96 w-72 overflow-auto rounded-lg border border-ink bg-sheet p-1.5 shadow-lg outline-none"
      >
        <Steps />
      </MenuItems>
    </Menu>
  );
}

/** Only while the list is open: it changes with every edit. */
function Steps() {
  const past = useDesign(({ history }) => history.past);
  const future = useDesign(({ history }) => history.future);
  const undo = useDesign((state) => state.undo);
  const redo = useDesign((state) => state.redo);
  const go = (steps: number) => {
    for (let step = 0; step < Math.abs(steps); step++) (steps < 0 ? undo : redo)();
  };
  const undone = future.slice(0, SHOWN).map(({ name }, index) => ({ name, steps: index + 1 }));
  const done = past
    .slice(-SHOWN)
    .toReversed()
    .map(({ name }, index) => ({ name, steps: -index }));
  const rest = past.length - done.length;
  return (
    <>
      {undone.toReversed().map(({ name, steps }) => (
        <Step key={`next-${steps}`} name={name} state="undone" onGo={() => go(steps)} />
      ))}
      {done.map(({ name, steps }) => (
        <Step key={`past-${steps}`} name={name} state={steps === 0 ? 'now' : 'done'} onGo={() => go(steps)} />
      ))}
      <Step
        name={rest > 0 ? `Before these, ${rest} more` : 'As it was opened'}
        state={past.length === 0 ? 'now' : 'done'}
        onGo={() => go(-done.length)}
      />
    </>
  );
}

interface StepProps {
  name: string;
  state: 'done' | 'now' | 'undone';
  onGo(): void;
}

function Step({ name, state, onGo }: StepProps) {
  return (
    <MenuItem>
      <button
        type="button"
        aria-current={state === 'now' ? 'step' : undefined}
        className={`flex w-full items-baseline gap-2 rounded px-2.5 py-1.5 text-left data-focus:bg-cloth ${state === 'undone' ? 'text-quiet' : ''}`}
        onClick={onGo}
      >
        <span className="min-w-0 flex-1 truncate">{name}</span>
        {state !== 'done' && <span className="text-xs text-quiet">{state === 'now' ? 'now' : 'undone'}</span>}
      </button>
    </MenuItem>
  );
}
