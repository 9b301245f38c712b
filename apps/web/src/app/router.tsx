import { createBrowserRouter, Navigate, useParams } from 'react-router';
import { ShelfPage } from '../shelf/shelf-page.tsx';
import { DesignPage } from '../stages/design-page.tsx';
import { CrashPage, LostPage } from './lost-page.tsx';

/** A design opened without a stage starts at the drawing. */
function ToShape() {
  const { id = '' } = useParams();
  return <Navigate to={`/d/${id}/shape`} replace />;
}

const Loading = () => <p className="p-10 text-quiet">Loading …</p>;

export const router = createBrowserRouter([
  { path: '/', element: <ShelfPage />, errorElement: <CrashPage /> },
  {
    path: '/d/:id',
    element: <DesignPage />,
    errorElement: <CrashPage />,
    children: [
      { index: true, element: <ToShape /> },
      {
        path: 'hold',
        HydrateFallback: Loading,
        lazy: { Component: async () => (await import('../stages/hold/hold-stage.tsx')).HoldStage },
      },
      {
        path: 'hold/cloth',
        HydrateFallback: Loading,
        lazy: { Component: async () => (await import('../stages/hold/cloth/cloth-bench.tsx')).ClothBench },
      },
      {
        path: 'choose',
        HydrateFallback: Loading,
        lazy: { Component: async () => (await import('../stages/choose/choose-form.tsx')).ChooseForm },
      },
      {
        path: 'shape',
        HydrateFallback: Loading,
        lazy: { Component: async () => (await import('../stages/shape/shape-stage.tsx')).ShapeStage },
      },
      {
        path: 'cut',
        HydrateFallback: Loading,
        lazy: { Component: async () => (await import('../stages/cut/cut-stage.tsx')).CutStage },
      },
      {
        path: 'sew',
        HydrateFallback: Loading,
        lazy: { Component: async () => (await import('../stages/sew/sew-stage.tsx')).SewStage },
      },
      { path: '*', element: <ToShape /> },
    ],
  },
  {
    path: '/bin',
    errorElement: <CrashPage />,
    HydrateFallback: Loading,
    lazy: { Component: async () => (await import('../bin/bin-page.tsx')).BinPage },
  },
  {
    path: '/shelves/rules',
    errorElement: <CrashPage />,
    HydrateFallback: Loading,
    lazy: { Component: async () => (await import('../rules/rules-page.tsx')).RulesPage },
  },
  {
    path: '/shelves/:shelf',
    errorElement: <CrashPage />,
    HydrateFallback: Loading,
    lazy: { Component: async () => (await import('../shelves/entries-page.tsx')).EntriesPage },
  },
  { path: '*', element: <LostPage /> },
]);
