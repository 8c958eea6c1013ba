import { Box, Button, Stack, Typography } from '@mui/material';
import { Link as RouterLink, Outlet, useLocation } from 'react-router';
import { green } from '../../theme/theme';
import { useLibrary } from './queries';

const parts = [
  { to: '/guides/processes', label: 'Processes' },
  { to: '/guides/recipes', label: 'Tested recipes' },
  { to: '/guides/proofreading', label: 'Proofreading' },
  { to: '/guides/checks', label: 'Checks' },
  { to: '/guides/own', label: "The office's own" },
];

/** The guide's rooms under one heading, with the snapshot that answers now. */
export function GuidesFrame() {
  const { pathname } = useLocation();
  const library = useLibrary();
  return (
    <Stack spacing={1.5}>
      <Stack
        className="no-print"
        direction="row"
        spacing={2}
        sx={{ alignItems: 'baseline', flexWrap: 'wrap', rowGap: 0.5 }}
      >
        <Typography variant="h1">Guides</Typography>
        <Stack component="nav" aria-label="Guides" direction="row" spacing={0.5} sx={{ flexWrap: 'wrap' }}>
          {parts.map((p) => {
            const here = pathname.startsWith(p.to);
            return (
              <Button
                key={p.to}
                component={RouterLink}
                to={p.to}
                aria-current={here ? 'page' : undefined}
                sx={{ borderRadius: 0, borderBottom: `3px solid ${here ? green : 'transparent'}` }}
              >
                {p.label}
              </Button>
            );
          })}
        </Stack>
        <Box sx={{ flex: 1 }} />
        {library.data && (
          <Typography sx={{ color: 'text.secondary', fontSize: '0.9rem' }}>
            {library.data.edition} · {library.data.hash}
          </Typography>
        )}
      </Stack>
      <Outlet />
    </Stack>
  );
}
