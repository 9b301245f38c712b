import {
  capital,
  chooseVariant,
  rangeOf,
  setBodyParam,
  setClosureParam,
  setHolderParam,
  setPartParam,
  setRule,
  usualPath,
  type DesignDocument,
  type Edit,
  type HouseRule,
  type ParamSpec,
  type ParamValue,
} from '@zindle/core';
import { ruleSetting } from '../../derivations/rule-setting.ts';
import { shelvesNow } from '../../store/shelves.ts';
import { useDesign } from '../../store/design-context.ts';
import { RuleNumberField } from '../../rules/rule-number-field.tsx';
import { Choice } from '../../ui/choice.tsx';
import { NumberField } from '../../ui/number-field.tsx';
import { UsualChoice } from './usual-choice.tsx';
import { LengthField } from '../../ui/length-field.tsx';

/** A house rule, for this design; says when it is not the standard any more. */
export function RuleField({ document, rule }: { document: DesignDocument; rule: HouseRule }) {
  const edit = useDesign((state) => state.edit);
  const value = ruleSetting(document, rule, shelvesNow());
  const own = document.rules[rule.id] !== undefined;
  return (
    <div>
      {rule.kind !== 'choice' ? (
        <RuleNumberField
          rule={rule}
          value={typeof value === 'number' ? value : rule.standard}
          onValue={(number) => edit(setRule(rule, number))}
        />
      ) : (
        <Choice
          label={rule.title}
          value={String(value)}
          choices={rule.choices.map((choice) => ({ id: choice, title: choice, why: rule.why }))}
          onChoice={(choice) => edit(setRule(rule, choice))}
        />
      )}
      {own && (
        <button
          type="button"
          className="text-xs font-semibold text-wax-deep underline underline-offset-2"
          onClick={() => edit(setRule(rule, undefined))}
        >
          <span aria-hidden="true">◆ </span>set for this design · back to the house rule
        </button>
      )}
    </div>
  );
}

interface ParamProps {
  document: DesignDocument;
  /** Path of the object that it belongs to. */
  selection: string;
  name: string;
  spec: ParamSpec;
}

/** A parameter of a holder or of the closure. */
export function ParamField({ document, selection, name, spec }: ParamProps) {
  const edit = useDesign((state) => state.edit);
  const { value, change } = target(document, selection, name, spec.title);
  if (spec.kind === 'choice') {
    const chosen = typeof value === 'string' ? value : spec.standard;
    return (
      <div>
        <Choice label={spec.title} value={chosen} choices={spec.choices} onChoice={(choice) => edit(change(choice))} />
        <UsualChoice path={familyOf(document, selection)} name={name} spec={spec} chosen={chosen} />
      </div>
    );
  }
  if (spec.kind === 'count')
    return (
      <NumberField
        label={capital(spec.title)}
        value={typeof value === 'number' ? value : spec.standard}
        least={spec.least}
        most={spec.most}
        hint={spec.why}
        whole
        onNumber={(count) => edit(change(count))}
      />
    );
  if (spec.kind === 'flag')
    return (
      <Choice
        label={spec.title}
        value={(value ?? spec.standard) === true ? 'yes' : 'no'}
        choices={[
          { id: 'yes', title: 'yes', why: spec.why },
          { id: 'no', title: 'no', why: spec.why },
        ]}
        onChoice={(answer) => edit(change(answer === 'yes'))}
      />
    );
  const { least, most } = rangeOf(spec);
  const standard = ruleSetting(document, spec.rule, shelvesNow());
  const shown = typeof value === 'number' ? value : standard;
  return (
    <div>
      <LengthField
        label={capital(spec.title)}
        value={typeof shown === 'number' ? shown : least}
        least={least}
        most={most}
        hint={spec.rule.why}
        onLength={(mm) => edit(change(mm))}
      />
      {value !== undefined && (
        <button
          type="button"
          className="text-xs font-semibold text-wax-deep underline underline-offset-2"
          onClick={() => edit(change(undefined))}
        >
          <span aria-hidden="true">◆ </span>set here · back to the house rule
        </button>
      )}
    </div>
  );
}

/** Where the usual choices of what is in hand are kept. */
function familyOf({ body, closure, parts = [], holders }: DesignDocument, selection: string): string {
  const [kind, id = ''] = selection.split('/');
  if (kind === 'body') return usualPath('bodies', body.kind);
  if (kind === 'closure') return usualPath('closures', closure.kind);
  const own = (kind === 'parts' ? parts : holders).find((each) => each.id === id);
  return usualPath(kind === 'parts' ? 'parts' : 'holders', own?.kind ?? '');
}

type Change = (value: ParamValue | undefined) => Edit;

function target(
  document: DesignDocument,
  selection: string,
  name: string,
  title: string,
): { value: ParamValue | undefined; change: Change } {
  const [kind, id = ''] = selection.split('/');
  if (kind === 'closure')
    return { value: document.closure.params[name], change: (value) => setClosureParam(title, name, value) };
  if (kind === 'body')
    return {
      value: document.body.params[name],
      change: (value) =>
        typeof value === 'string'
          ? chooseVariant(title, name, value, shelvesNow().items)
          : setBodyParam(title, name, value),
    };
  if (kind === 'parts') {
    const part = document.parts?.find((each) => each.id === id);
    return { value: part?.params[name], change: (value) => setPartParam(id, title, name, value) };
  }
  const holder = document.holders.find((each) => each.id === id);
  return { value: holder?.params[name], change: (value) => setHolderParam(id, title, name, value) };
}
