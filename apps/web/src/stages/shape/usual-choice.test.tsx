/** @jest-environment jsdom */
import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { addPart, setClosure, type DesignDocument } from '@zindle/core';
import { demoDesigns } from '@zindle/core/demo';
import { act, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { api } from '../../api/client.ts';
import { useDesign } from '../../store/design-context.ts';
import { useKinds } from '../../store/kinds-context.ts';
import { useShelves } from '../../store/shelves.ts';
import { showIn } from '../../testing/page.tsx';
import { ParamField } from './setting-fields.tsx';

const tote: DesignDocument = demoDesigns.find(({ id }) => id === 'twin-flask-bag')!;
const standard = { rules: { 'seam.allowance': 7 }, machine: 'machine-sturdy', revision: 4 };

/** The setting of its handles: where they are sewn on. */
function Handles() {
  const document = useDesign((state) => state.document);
  const spec = useKinds().parts.handles!.params.at!;
  return <ParamField document={document} selection="parts/handles" name="at" spec={spec} />;
}
const begin = () => screen.getByRole('button', { name: /begin new ones with this choice/ });

describe('a choice that new ones begin with', () => {
  const storeHouse = jest.spyOn(api, 'storeHouse');
  beforeEach(() => {
    useShelves.getState().takeHouse(standard);
    storeHouse.mockReset();
    storeHouse.mockImplementation((house, revision) => Promise.resolve({ ...house, revision: revision + 1 }));
  });
  afterEach(() => useShelves.getState().takeHouse({ rules: {}, revision: 0 }));

  const shown = (at: string) =>
    showIn({ ...tote, parts: [{ id: 'handles', kind: 'handles', params: { at } }] }, <Handles />);

  test('is offered beside a choice that is not the standard one, and stored with what else is set', async () => {
    const store = shown('face');
    expect(screen.queryByRole('button')).toBeNull();
    await userEvent.click(screen.getByRole('radio', { name: /seam/ }));
    expect(store.getState().document.parts![0]!.params).toEqual({ at: 'seam' });
    await userEvent.click(begin());
    const { revision, ...house } = standard;
    expect(storeHouse).toHaveBeenCalledWith({ ...house, usual: { 'parts/handles': { at: 'seam' } } }, revision);
    expect(useShelves.getState().house).toMatchObject({ revision: 5, usual: { 'parts/handles': { at: 'seam' } } });
    expect(screen.getByText(/your usual choice/)).toBeVisible();
    // what is there keeps its own, what is new begins so
    act(() => store.getState().edit(addPart('handles', 'Handles')));
    expect(store.getState().document.parts!.map(({ params }) => params)).toEqual([{ at: 'seam' }, { at: 'seam' }]);
    act(() => store.getState().edit(setClosure('strap-over', 'Strap')));
    expect(store.getState().document.closure.params).toEqual({});
  });

  test('is taken away again, and nothing is left of it', async () => {
    useShelves.getState().takeHouse({ ...standard, usual: { 'parts/handles': { at: 'seam' } } });
    shown('seam');
    await userEvent.click(screen.getByRole('button', { name: /not your usual choice any more/ }));
    expect(storeHouse.mock.calls[0]![0]).not.toHaveProperty('usual');
    expect(screen.queryByText(/your usual choice/)).toBeNull();
    expect(begin()).toBeVisible();
  });

  test('the standard one is offered where another is usual', async () => {
    useShelves.getState().takeHouse({ ...standard, usual: { 'parts/handles': { at: 'seam' } } });
    shown('face');
    await userEvent.click(begin());
    expect(storeHouse.mock.calls[0]![0]).not.toHaveProperty('usual');
  });

  test('that could not be stored is told, and changes nothing', async () => {
    storeHouse.mockRejectedValue(new Error('no'));
    shown('seam');
    await userEvent.click(begin());
    expect(useShelves.getState().house).toEqual(standard);
    expect(begin()).toBeEnabled();
  });
});
