import { createBrowserRouter, Navigate, useParams } from 'react-router';
import { ShelfPage } from '../shelf/shelf-page.tsx';
import { CutStage } from '../stages/cut/cut-stage.tsx';
import { DesignPage } from '../stages/design-page.tsx';
import { HoldStage } from '../stages/hold/hold-stage.tsx';
import { ShapeStage } from '../stages/shape/shape-stage.tsx';
import { CrashPage, LostPage } from './lost-page.tsx';

/** A design opened without a stage starts at the drawing. */
function ToShape() {
  const { id = '' } = useParams();
  return <Navigate to={`/d/${id}/shape`} replace />;
}

export const router = createBrowserRouter([
  { path: '/', element: <ShelfPage />, errorElement: <CrashPage /> },
  {
    path: '/d/:id',
    element: <DesignPage />,
    errorElement: <CrashPage />,
    children: [
      { index: true, element: <ToShape /> },
      { path: 'hold', element: <HoldStage /> },
      { path: 'shape', element: <ShapeStage /> },
      { path: 'cut', element: <CutStage /> },
      { path: '*', element: <ToShape /> },
    ],
  },
  { path: '*', element: <LostPage /> },
]);
