import '@testing-library/jest-dom/jest-globals';
import type { DesignDocument } from '@zindle/core';
import { cleanup, render } from '@testing-library/react';
import { afterEach } from '@jest/globals';
import { MemoryRouter } from 'react-router';
import { DesignContext } from '../store/design-context.ts';
import { createDesignStore, type DesignStore } from '../store/design-store.ts';
import { UnitContext } from '../ui/use-length.ts';

afterEach(cleanup);

const saving = { stop() {}, adopt() {}, resolve() {} } as never;

/** Shows a part of the page round an open design.
 * @returns the design's store, to look what was edited */
export function showIn(document: DesignDocument, children: React.ReactNode): DesignStore {
  const store = createDesignStore({ document, revision: 1 });
  render(
    <MemoryRouter>
      <DesignContext value={{ store, saving }}>
        <UnitContext value={document.unit}>{children}</UnitContext>
      </DesignContext>
    </MemoryRouter>,
  );
  return store;
}
