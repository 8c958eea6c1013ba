import { createBrowserRouter, Navigate } from 'react-router';
import { SignIn } from './features/session/SignIn';
import { Shell } from './features/shell/Shell';

export const router = createBrowserRouter([
  { path: '/sign-in', element: <SignIn /> },
  {
    element: <Shell />,
    children: [
      { path: '/', element: <Navigate to="/incoming" replace /> },
      {
        path: '/incoming',
        lazy: async () => ({ Component: (await import('./features/incoming/Incoming')).Incoming }),
      },
      { path: '/new', lazy: async () => ({ Component: (await import('./features/cases/NewCase')).NewCase }) },
      {
        path: '/cases/:id',
        lazy: async () => ({ Component: (await import('./features/review/ReviewPage')).ReviewPage }),
      },
      {
        path: '/cases/:id/reply',
        lazy: async () => ({ Component: (await import('./features/reply/ReplyPage')).ReplyPage }),
      },
      { path: '*', element: <Navigate to="/incoming" replace /> },
    ],
  },
]);
