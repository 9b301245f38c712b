import { standardOf, type HouseRule, type RuleSettings } from '@zindle/core';
import { Download, FileUp } from 'lucide-react';
import { useEffect, useState } from 'react';
import { toast } from 'sonner';
import { api, failureWords, tableAddress, type House } from '../api/client.ts';
import { ImportDialog } from '../shelves/import-dialog.tsx';
import { PreviewPanel } from '../shelves/preview-panel.tsx';
import { usePreview } from '../shelves/use-preview.ts';
import { useShelvesLoaded } from '../shelves/use-shelves-loaded.ts';
import { useHouseRules } from '../store/kinds-context.ts';
import { useShelves } from '../store/shelves.ts';
import { useShopUnit } from '../store/shop-unit.ts';
import { Picker } from '../ui/picker.tsx';
import { Failed } from '../ui/failed.tsx';
import { ShopHeader } from '../ui/shop-header.tsx';
import { UnitChoice } from '../ui/unit-choice.tsx';
import { UnitContext, useUnit } from '../ui/use-length.ts';
import { AboutRule } from './about-rule.tsx';
import { groupsOf } from './rule-groups.ts';
import { RuleNumberField } from './rule-number-field.tsx';
import { Machine, NewDesigns } from './shop-settings.tsx';

/** The house rules and the machine, for all designs; a change is tried on the stored designs before it is taken over. */
export function RulesPage() {
  const { loaded, failure, again } = useShelvesLoaded();
  const { unit, setUnit } = useShopUnit();
  useEffect(() => {
    document.title = 'House rules · Zindle';
  }, []);
  return (
    <UnitContext value={unit}>
      <div className="flex h-screen min-h-[600px] flex-col">
        <ShopHeader>
          <UnitChoice value={unit} onUnit={setUnit} />
        </ShopHeader>
        {failure && (
          <Failed onAgain={again} className="px-4 py-2.5">
            {failure}
          </Failed>
        )}
        {/* what is not known yet must not be changed */}
        {loaded ? <Rules /> : !failure && <p className="p-5 text-quiet">Loading …</p>}
      </div>
    </UnitContext>
  );
}

function Rules() {
  const table = useHouseRules();
  const { revision, ...house } = useShelves((state) => state.house);
  const takeHouse = useShelves((state) => state.takeHouse);
  // nothing while what is stored is what is shown
  const [changedTo, setDraft] = useState<House>();
  const draft = changedTo ?? house;
  const [problem, setProblem] = useState<string>();
  const [chosen, choose] = useState('ease.card.across');
  const [search, setSearch] = useState('');
  const [importing, setImporting] = useState(false);
  const changedIds = changes(house.rules, draft.rules);
  const others = (['machine', 'unit', 'grid', 'usual'] as const).filter((key) => draft[key] !== house[key]);
  const changed = changedIds.length + others.length > 0;
  const preview = usePreview(changed ? JSON.stringify(draft) : undefined, (onProgress) =>
    api.previewHouse(draft, onProgress),
  );
  const set = ({ id, standard }: HouseRule, value: number | string | undefined) => {
    const others = Object.fromEntries(Object.entries(draft.rules).filter(([other]) => other !== id));
    const usual = value === standard;
    setDraft({ ...draft, rules: value === undefined || usual ? others : { ...others, [id]: value } });
    choose(id);
  };
  async function store(next: House, from: number): Promise<number | undefined> {
    try {
      const stored = await api.storeHouse(next, from);
      takeHouse(stored);
      setDraft(undefined);
      setProblem(undefined);
      return stored.revision;
    } catch (error) {
      setProblem(failureWords(error));
      return undefined;
    }
  }
  async function takeOver() {
    const before = house;
    const now = await store(draft, revision);
    if (now === undefined) return;
    toast('The house rules are changed.', {
      duration: 10_000,
      action: { label: 'Undo', onClick: () => void store(before, now) },
    });
  }
  const text = search.trim().toLowerCase();
  const inHand = table[chosen];
  return (
    <div className="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_340px]">
      <main className="min-h-0 overflow-y-auto px-5 pb-8" tabIndex={0} aria-label="House rules">
        <div className="sticky top-0 z-10 -mx-5 flex items-center gap-3 border-b border-hair bg-sheet px-5 py-2.5">
          <h1 className="text-xl">House rules</h1>
          <input
            type="search"
            aria-label="Search the rules"
            placeholder="Search the rules"
            className="field min-h-9 w-48"
            value={search}
            onChange={(event) => setSearch(event.target.value)}
          />
          <span className="text-quiet">
            {Object.keys(draft.rules).length} of {Object.keys(table).length} your own
          </span>
          <a className="button ml-auto" href={tableAddress('rules')} download="house-rules.csv">
            <Download size={15} aria-hidden="true" /> CSV
          </a>
          <button type="button" className="button" onClick={() => setImporting(true)}>
            <FileUp size={15} aria-hidden="true" /> Read in
          </button>
        </div>
        {groupsOf(table).map(({ title, about, rules }) => {
          const found = rules.filter((rule) => matches(rule, text));
          if (found.length === 0) return null;
          return (
            <section key={title} aria-label={title} className="mt-5">
              <h2 className="text-base">
                {title} <span className="font-sans text-[13px] font-normal text-quiet">{about}</span>
              </h2>
              <ul className="mt-1 grid grid-cols-1 gap-x-8 xl:grid-cols-2">
                {found.map((rule) => (
                  <RuleRow
                    key={rule.id}
                    rule={rule}
                    value={draft.rules[rule.id]}
                    chosen={rule.id === chosen}
                    pending={changedIds.includes(rule.id)}
                    onChoose={() => choose(rule.id)}
                    onValue={(value) => set(rule, value)}
                  />
                ))}
              </ul>
            </section>
          );
        })}
      </main>
      <aside aria-label="The rule in hand" className="flex min-h-0 flex-col border-l border-hair bg-sheet">
        <div className="min-h-0 flex-1 overflow-y-auto p-3.5" tabIndex={0} role="group" aria-label="About the rule">
          {inHand && <AboutRule rule={inHand} value={draft.rules[chosen]} onValue={(value) => set(inHand, value)} />}
          <Machine value={draft.machine} onMachine={(machine) => setDraft(withSetting(draft, { machine }))} />
          <NewDesigns house={draft} onSetting={(setting) => setDraft(withSetting(draft, setting))} />
        </div>
        {changed && (
          <PreviewPanel
            preview={preview}
            title={
              changedIds.length === 0
                ? 'Changed, not taken over yet'
                : `${changedIds.length === 1 ? 'One rule' : `${changedIds.length} rules`} changed, not taken over yet`
            }
            problem={problem}
            onTake={() => void takeOver()}
            onLeave={() => {
              setDraft(undefined);
              setProblem(undefined);
            }}
          />
        )}
      </aside>
      <ImportDialog
        kind="rules"
        title="Read house rules in"
        open={importing}
        onClose={() => setImporting(false)}
        onTaken={() => {
          setImporting(false);
          void api.house().then(takeHouse);
        }}
      />
    </div>
  );
}

/** The settings with some of them otherwise; nothing takes one away. */
const withSetting = (house: House, setting: { [Key in keyof House]?: House[Key] | undefined }): House =>
  Object.fromEntries(
    Object.entries({ ...house, ...setting }).filter(([, value]) => value !== undefined),
  ) as unknown as House;

const changes = (before: RuleSettings, after: RuleSettings): string[] =>
  Object.keys({ ...before, ...after }).filter((id) => before[id] !== after[id]);

const matches = ({ id, title, why }: HouseRule, text: string): boolean =>
  `${id} ${title} ${why}`.toLowerCase().includes(text);

interface RowProps {
  rule: HouseRule;
  value: number | string | undefined;
  chosen: boolean;
  pending: boolean;
  onChoose(): void;
  onValue(value: number | string): void;
}

/** A rule with its value where it lies in its range. */
function RuleRow({ rule, value, chosen, pending, onChoose, onValue }: RowProps) {
  const unit = useUnit();
  const mark = pending ? 'changed, not taken over' : value !== undefined ? 'your own' : '';
  return (
    <li className={`stitched py-1.5 ${chosen ? 'bg-weld-soft/60' : ''}`} onFocus={onChoose} onClick={onChoose}>
      {rule.kind !== 'choice' ? (
        <RuleNumberField
          rule={rule}
          value={
            typeof value === 'number' ? value : rule.kind === 'length' ? standardOf(rule, unit === 'in') : rule.standard
          }
          onValue={onValue}
        />
      ) : (
        <div className="flex items-center justify-between gap-3">
          <span>{rule.title}</span>
          <Picker
            label={rule.title}
            className="w-36"
            value={String(value ?? rule.standard)}
            options={rule.choices.map((choice) => ({ id: choice, title: choice }))}
            onPick={onValue}
          />
        </div>
      )}
      {mark && (
        <p className="text-xs font-semibold text-wax-deep">
          <span aria-hidden="true">◆ </span>
          {mark}
        </p>
      )}
    </li>
  );
}
