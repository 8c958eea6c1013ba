import { Box, Button, Link, Stack, Typography } from '@mui/material';
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
  if (session.isPending) {
    return null;
  }
  if (!session.data) {
    return <Navigate to="/sign-in" replace />;
  }
  return (
    <Box sx={{ minHeight: '100vh' }}>
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
        <Stack direction="row" spacing={{ xs: 0.5, md: 2 }} sx={{ alignItems: 'center' }}>
          <Typography sx={{ fontFamily: serif, fontWeight: 600, fontSize: '1.25rem', mr: { xs: 1, md: 2 } }}>
            Oilcloth
          </Typography>
          <Stack
            component="nav"
            direction="row"
            spacing={0.5}
            aria-label="Pages"
            sx={{ flex: 1, flexWrap: 'wrap' }}
          >
            {[...pages, ...(session.data.role === 'LEAD' ? leadPages : [])].map((page) => {
              const here = pathname.startsWith(page.to);
              return (
                <Button
                  key={page.to}
                  component={RouterLink}
                  to={page.to}
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
      <Box component="main" id="content" sx={{ px: { xs: 1.5, md: 3 }, py: 2, maxWidth: 1500, mx: 'auto' }}>
        <Outlet />
      </Box>
    </Box>
  );
}
