import { rename, setUnit } from '@zindle/core';
import { Redo2, Undo2 } from 'lucide-react';
import { useEffect } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { NavLink, useNavigate, useParams } from 'react-router';
import { api } from '../api/client.ts';
import { useDesign, useOpenDesign } from '../store/design-context.ts';
import { NameField } from '../ui/name-field.tsx';
import { EVERYWHERE } from '../ui/keys.ts';
import { UnitChoice } from '../ui/unit-choice.tsx';
import { UnitContext } from '../ui/use-length.ts';
import { Wordmark } from '../ui/wordmark.tsx';
import { ConflictBanner } from './conflict-banner.tsx';
import { DesignMenu } from './design-menu.tsx';
import { HistoryMenu } from './history-menu.tsx';

/** The stages in the order of the work. */
const stages = [
  { path: 'hold', title: 'Hold' },
  { path: 'shape', title: 'Shape' },
  { path: 'cut', title: 'Cut' },
  { path: 'sew', title: 'Sew' },
];

/** What stands round every stage: name, the stages on their stitch, undo, unit. */
export function DesignFrame({ children }: { children: React.ReactNode }) {
  const unit = useDesign(({ document }) => document.unit);
  const name = useDesign(({ document }) => document.name);
  useKeys();
  useNewsFromElsewhere();
  useEffect(() => {
    document.title = `${name} · Zindle`;
  }, [name]);
  return (
    <UnitContext value={unit}>
      <div className="flex h-screen min-h-[600px] flex-col">
        <Header />
        <ConflictBanner />
        {children}
      </div>
    </UnitContext>
  );
}

function Header() {
  const name = useDesign(({ document }) => document.name);
  const edit = useDesign((state) => state.edit);
  const unit = useDesign(({ document }) => document.unit);
  return (
    <header className="flex h-[54px] shrink-0 items-center gap-3 border-b border-ink bg-sheet px-4 xl:gap-4">
      <h1 className="sr-only">{name}</h1>
      <Wordmark />
      <NameField label="Name of the design" value={name} onName={(next) => edit(rename(next))} className="w-52" />
      <SaveWords />
      <StageNav />
      <UndoButtons />
      <DesignMenu />
      <UnitChoice value={unit} onUnit={(next) => edit(setUnit(next))} />
    </header>
  );
}

function StageNav() {
  const { id = '' } = useParams();
  return (
    <nav aria-label="Stages" className="mx-auto flex items-center">
      {stages.map(({ path, title }, index) => (
        <span key={path} className="flex items-center">
          {index > 0 && <span aria-hidden="true" className="w-3 border-t-2 border-dashed border-quiet/60 xl:w-9" />}
          <NavLink
            to={`/d/${id}/${path}`}
            className={({ isActive }) =>
              `flex items-baseline gap-2 rounded-full px-4 py-1.5 text-[15px] font-semibold ${isActive ? 'bg-ink text-white' : 'text-ink hover:bg-cloth'}`
            }
          >
            <span className="text-xs font-normal opacity-80">{index + 1}</span>
            {title}
          </NavLink>
        </span>
      ))}
    </nav>
  );
}

function UndoButtons() {
  const past = useDesign(({ history }) => history.past[history.past.length - 1]?.name);
  const next = useDesign(({ history }) => history.future[0]?.name);
  const undo = useDesign((state) => state.undo);
  const redo = useDesign((state) => state.redo);
  const [undoTitle, redoTitle] = [
    past ? `Undo: ${past}` : 'Nothing to undo',
    next ? `Redo: ${next}` : 'Nothing to redo',
  ];
  return (
    <div className="flex gap-1.5">
      <button
        type="button"
        className="button px-2.5"
        disabled={!past}
        onClick={undo}
        title={undoTitle}
        aria-label={undoTitle}
      >
        <Undo2 size={15} aria-hidden="true" />
      </button>
      <button
        type="button"
        className="button px-2.5"
        disabled={!next}
        onClick={redo}
        title={redoTitle}
        aria-label={redoTitle}
      >
        <Redo2 size={15} aria-hidden="true" />
      </button>
      <HistoryMenu />
    </div>
  );
}

function SaveWords() {
  const save = useDesign((state) => state.save);
  const words = { stored: 'stored', pending: 'storing …', kept: 'kept in this browser', conflict: 'changed elsewhere' };
  const title =
    save.kind === 'kept' ? `${save.reason} Your changes are kept here and stored as soon as it answers.` : undefined;
  return (
    <span
      role="status"
      title={title}
      className={`w-24 text-xs ${save.kind === 'kept' || save.kind === 'conflict' ? 'font-semibold text-wax-deep' : 'text-quiet'}`}
    >
      {words[save.kind]}
    </span>
  );
}

function useKeys() {
  const { id = '' } = useParams();
  const navigate = useNavigate();
  const undo = useDesign((state) => state.undo);
  const redo = useDesign((state) => state.redo);
  useHotkeys('mod+z', (event) => (event.preventDefault(), undo()), EVERYWHERE);
  useHotkeys('mod+shift+z, mod+y', (event) => (event.preventDefault(), redo()), EVERYWHERE);
  useHotkeys('1,2,3,4', ({ key }) => void navigate(`/d/${id}/${stages[Number(key) - 1]!.path}`), EVERYWHERE, [id]);
}

/** Coming back to the window, a design that was changed in another one is taken over, unless there are own changes. */
function useNewsFromElsewhere() {
  const { store, saving } = useOpenDesign();
  useEffect(() => {
    async function look() {
      const { document: own, save } = store.getState();
      if (document.hidden || save.kind !== 'stored') return;
      const stored = await api.design(own.id).catch(() => undefined);
      const now = store.getState();
      if (stored && stored.revision !== now.revision && now.save.kind === 'stored') saving.adopt(stored);
    }
    const onFocus = () => void look();
    addEventListener('focus', onFocus);
    return () => removeEventListener('focus', onFocus);
  }, [store, saving]);
}
