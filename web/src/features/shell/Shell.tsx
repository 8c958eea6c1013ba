import { Box, Button, Link, Stack, Typography } from '@mui/material';
import { useState } from 'react';
import { Link as RouterLink, Navigate, Outlet, ScrollRestoration, useLocation } from 'react-router';
import { useSession, useSignOut } from '../../api/queries';
import { green, paper, serif } from '../../theme/theme';

const pages = [
  { to: '/incoming', label: 'Incoming' },
  { to: '/new', label: 'New case' },
  { to: '/answered', label: 'Answered' },
  { to: '/outbox', label: 'Outbox' },
  { to: '/times', label: 'Process times' },
  { to: '/guides', label: 'Guides' },
  { to: '/sums', label: 'Sums' },
  { to: '/plan', label: 'Day plan' },
  { to: '/season', label: 'Season' },
  { to: '/practice', label: 'Practice' },
  { to: '/revision', label: 'Changes' },
  { to: '/office', label: 'Office' },
];
const leadPages = [{ to: '/people', label: 'People' }];

export function Shell() {
  const session = useSession();
  const signOut = useSignOut();
  const { pathname } = useLocation();
  const [open, setOpen] = useState(false);
  if (session.isPending) {
    return null;
  }
  if (!session.data) {
    return <Navigate to="/sign-in" replace />;
  }
  const shown = [...pages, ...(session.data.role === 'LEAD' ? leadPages : [])];
  const current = shown.find((page) => pathname.startsWith(page.to));
  return (
    <Box sx={{ minHeight: '100vh', '@media print': { minHeight: 0 } }}>
      <ScrollRestoration />
      <Link
        href="#content"
        sx={{
          position: 'absolute',
          left: -9999,
          '&:focus': { left: 8, top: 8, zIndex: 10, bgcolor: paper, p: 1 },
        }}
      >
        Skip to the page
      </Link>
      <Box
        component="header"
        className="no-print"
        sx={{ backgroundColor: green, color: paper, px: { xs: 1.5, md: 3 }, py: 0.75 }}
      >
        <Stack
          direction="row"
          sx={{ alignItems: 'center', flexWrap: { xs: 'wrap', sm: 'nowrap' }, columnGap: { xs: 0.5, md: 2 } }}
        >
          <Typography sx={{ fontFamily: serif, fontWeight: 600, fontSize: '1.25rem', mr: { xs: 1, md: 2 } }}>
            Oilcloth
          </Typography>
          <Button
            sx={{ color: paper, display: { sm: 'none' }, mr: 'auto' }}
            aria-expanded={open}
            aria-controls="pages"
            onClick={() => setOpen(!open)}
          >
            {current?.label ?? 'Pages'} {open ? '▴' : '▾'}
          </Button>
          <Stack
            component="nav"
            id="pages"
            direction="row"
            spacing={0.5}
            aria-label="Pages"
            sx={{
              display: { xs: open ? 'flex' : 'none', sm: 'flex' },
              flex: { xs: '1 0 100%', sm: 1 },
              order: { xs: 1, sm: 0 },
              flexWrap: 'wrap',
            }}
          >
            {shown.map((page) => {
              const here = page === current;
              return (
                <Button
                  key={page.to}
                  component={RouterLink}
                  to={page.to}
                  onClick={() => setOpen(false)}
                  aria-current={here ? 'page' : undefined}
                  sx={{
                    color: paper,
                    borderRadius: 0,
                    borderBottom: here ? '3px solid #e8c268' : '3px solid transparent',
                    minWidth: 0,
                    flex: 'none',
                    whiteSpace: 'nowrap',
                  }}
                >
                  {page.label}
                </Button>
              );
            })}
          </Stack>
          <Typography sx={{ display: { xs: 'none', md: 'block' } }}>
            {session.data.displayName}, {session.data.role.toLowerCase()}
          </Typography>
          <Button sx={{ color: paper, whiteSpace: 'nowrap' }} onClick={() => signOut.mutate()}>
            Sign out
          </Button>
        </Stack>
      </Box>
      <Box
        component="main"
        id="content"
        sx={{ px: { xs: 1.5, md: 3 }, py: 2, maxWidth: 1500, mx: 'auto', '@media print': { p: 0 } }}
      >
        <Outlet />
      </Box>
    </Box>
  );
}
