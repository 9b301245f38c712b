/** @jest-environment jsdom */
import { describe, expect, test } from '@jest/globals';
import { builtInKinds, houseRulesOf, type DesignDocument, type LengthRule, type ParamSpec } from '@zindle/core';
import { demoDesigns } from '@zindle/core/demo';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useDesign } from '../../store/design-context.ts';
import { showIn } from '../../testing/page.tsx';
import { ParamField, RuleField } from './setting-fields.tsx';

const rules = houseRulesOf(builtInKinds);
const bifold = demoDesigns.find(({ id }) => id === 'permit-bifold')!;
const plain: DesignDocument = { ...bifold, rules: {} };
const [first] = bifold.holders;

function Rule({ id }: { id: string }) {
  return <RuleField document={useDesign((state) => state.document)} rule={rules[id]!} />;
}
function Param({ spec }: { spec: ParamSpec }) {
  const document = useDesign((state) => state.document);
  return <ParamField document={document} selection={`holders/${first!.id}`} name="mine" spec={spec} />;
}
const paramsOf = (store: { getState(): { document: DesignDocument } }) =>
  store.getState().document.holders.find(({ id }) => id === first!.id)!.params;

describe('a house rule, for this design', () => {
  test('a length is set within its range, says so, and goes back', async () => {
    const store = showIn(plain, <Rule id="seam.allowance" />);
    const field = screen.getByLabelText('Seam allowance');
    expect(field).toHaveValue('6.0');
    expect(screen.queryByRole('button')).toBeNull();
    await userEvent.clear(field);
    await userEvent.type(field, '8{Enter}');
    expect(store.getState().document.rules).toEqual({ 'seam.allowance': 8 });
    expect(store.getState().history.past.map(({ name }) => name)).toEqual(['Change seam allowance']);
    await userEvent.click(screen.getByRole('button', { name: /back to the house rule/ }));
    expect(store.getState().document.rules).toEqual({});
    expect(field).toHaveValue('6.0');
  });
  test('a number keeps its unit, and what is no number of its range is refused', async () => {
    const store = showIn({ ...plain, unit: 'in' }, <Rule id="stitch.seam" />);
    const field = screen.getByLabelText('Stitch of a seam');
    expect(field).toHaveValue('2.5');
    expect(screen.getByText('mm')).toBeVisible();
    await userEvent.clear(field);
    await userEvent.type(field, '12{Enter}');
    expect(screen.getByText('Use a number from 1 to 8.')).toBeVisible();
    expect(store.getState().document.rules).toEqual({});
    await userEvent.clear(field);
    await userEvent.type(field, '3,2{Enter}');
    expect(store.getState().document.rules).toEqual({ 'stitch.seam': 3.2 });
  });
  test('what its range refuses stays in the field with the reason', async () => {
    const store = showIn(plain, <Rule id="seam.allowance" />);
    const { least, most } = rules['seam.allowance'] as LengthRule;
    await userEvent.clear(screen.getByLabelText('Seam allowance'));
    await userEvent.type(screen.getByLabelText('Seam allowance'), `${most + 1}{Enter}`);
    expect(store.getState().document.rules).toEqual({});
    expect(screen.getByLabelText('Seam allowance')).toHaveValue(`${most + 1}`);
    expect(screen.getByRole('alert')).toHaveTextContent(new RegExp(`${least}.*${most}`));
  });
  test('a choice is taken', async () => {
    const store = showIn(plain, <Rule id="fold.school" />);
    await userEvent.click(screen.getByRole('radio', { name: 'square' }));
    expect(store.getState().document.rules).toEqual({ 'fold.school': 'square' });
  });
});

describe('a setting of a holder', () => {
  test('a length keeps to a range of its own, narrower than that of its rule', async () => {
    const rule = rules['tiers.reveal'] as LengthRule;
    const store = showIn(plain, <Param spec={{ kind: 'length', title: 'mine', rule, most: rule.standard + 2 }} />);
    const field = screen.getByLabelText('Mine');
    await userEvent.clear(field);
    await userEvent.type(field, `${rule.standard + 3}{Enter}`);
    expect(paramsOf(store)).not.toHaveProperty('mine');
    await userEvent.clear(field);
    await userEvent.type(field, `${rule.standard + 2}{Enter}`);
    expect(paramsOf(store)).toMatchObject({ mine: rule.standard + 2 });
    await userEvent.click(screen.getByRole('button', { name: /back to the house rule/ }));
    expect(paramsOf(store)).not.toHaveProperty('mine');
  });
  test('a count is a whole number', async () => {
    const spec = { kind: 'count', title: 'mine', standard: 2, least: 1, most: 6, why: '' } as const;
    const store = showIn(plain, <Param spec={spec} />);
    const field = screen.getByLabelText('Mine');
    expect(field).toHaveValue('2');
    await userEvent.clear(field);
    await userEvent.type(field, '2.5{Enter}');
    expect(paramsOf(store)).not.toHaveProperty('mine');
    await userEvent.clear(field);
    await userEvent.type(field, '4{Enter}');
    expect(paramsOf(store)).toMatchObject({ mine: 4 });
  });
  test('a flag is yes or no', async () => {
    const store = showIn(plain, <Param spec={{ kind: 'flag', title: 'mine', standard: true, why: 'So.' }} />);
    expect(screen.getByRole('radio', { name: 'yes' })).toBeChecked();
    await userEvent.click(screen.getByRole('radio', { name: 'no' }));
    expect(paramsOf(store)).toMatchObject({ mine: false });
  });
});
