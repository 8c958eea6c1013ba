import { createBrowserRouter, Navigate } from 'react-router';
import { SignIn } from './features/session/SignIn';
import { Shell } from './features/shell/Shell';

export const router = createBrowserRouter([
  { path: '/sign-in', element: <SignIn /> },
  { path: '/ask', lazy: async () => ({ Component: (await import('./features/ask/Ask')).AskEnglish }) },
  { path: '/ask/es', lazy: async () => ({ Component: (await import('./features/ask/Ask')).AskSpanish }) },
  {
    path: '/answer/:token',
    lazy: async () => ({
      Component: (await import('./features/ask/PrivateAnswerPage')).PrivateAnswerPage,
    }),
  },
  {
    path: '/welcome/:code',
    lazy: async () => ({ Component: (await import('./features/people/Welcome')).Welcome }),
  },
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
        path: '/cases/:id/card',
        lazy: async () => ({ Component: (await import('./features/correct/CardPage')).CardPage }),
      },
      {
        path: '/cases/:id/reply',
        lazy: async () => ({ Component: (await import('./features/reply/ReplyPage')).ReplyPage }),
      },
      {
        path: '/answered',
        lazy: async () => ({ Component: (await import('./features/answered/Answered')).Answered }),
      },
      {
        path: '/outbox',
        lazy: async () => ({ Component: (await import('./features/answered/Outbox')).Outbox }),
      },
      {
        path: '/plan',
        lazy: async () => ({ Component: (await import('./features/plan/PlanPage')).PlanPage }),
      },
      {
        path: '/season',
        lazy: async () => ({ Component: (await import('./features/season/SeasonPage')).SeasonPage }),
      },
      {
        path: '/practice',
        lazy: async () => ({ Component: (await import('./features/practice/PracticePage')).PracticePage }),
      },
      {
        path: '/revision',
        lazy: async () => ({ Component: (await import('./features/revision/Revision')).Revision }),
      },
      {
        path: '/people',
        lazy: async () => ({ Component: (await import('./features/people/People')).People }),
      },
      {
        path: '/office',
        lazy: async () => ({ Component: (await import('./features/office/OfficePage')).OfficePage }),
      },
      {
        path: '/times',
        lazy: async () => ({ Component: (await import('./features/times/ProcessTimes')).ProcessTimes }),
      },
      {
        path: '/guides',
        lazy: async () => ({ Component: (await import('./features/guides/GuidesFrame')).GuidesFrame }),
        children: [
          { index: true, element: <Navigate to="/guides/processes" replace /> },
          {
            path: 'processes',
            lazy: async () => ({ Component: (await import('./features/guides/Processes')).Processes }),
          },
          {
            path: 'recipes',
            lazy: async () => ({ Component: (await import('./features/guides/Recipes')).Recipes }),
          },
          {
            path: 'recipes/:id',
            lazy: async () => ({ Component: (await import('./features/guides/RecipePage')).RecipePage }),
          },
          {
            path: 'proofreading',
            lazy: async () => ({
              Component: (await import('./features/proof/Proofreading')).Proofreading,
            }),
          },
          {
            path: 'checks',
            lazy: async () => ({ Component: (await import('./features/catalogue/Checks')).Checks }),
          },
          {
            path: 'own',
            lazy: async () => ({ Component: (await import('./features/own/OwnLibrary')).OwnLibrary }),
          },
        ],
      },
      { path: '/sums', lazy: async () => ({ Component: (await import('./features/sums/Sums')).Sums }) },
      { path: '*', element: <Navigate to="/incoming" replace /> },
    ],
  },
]);
