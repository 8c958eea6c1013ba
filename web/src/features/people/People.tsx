import {
  Alert,
  Box,
  Button,
  Paper,
  Stack,
  Table,
  TableBody,
  TableCell,
  TableContainer,
  TableHead,
  TableRow,
  TextField,
  Typography,
} from '@mui/material';
import { useState } from 'react';
import type { PersonLine } from '../../api/client';
import { useSession } from '../../api/queries';
import { Choice } from '../../ui/Choice';
import { ProblemLine } from '../../ui/ProblemLine';
import { when } from '../../ui/words';
import { useChangePerson, useInvite, useLeave, usePeople, useReset } from './queries';

type Role = PersonLine['role'];

const roles: { value: Role; label: string }[] = [
  { value: 'VOLUNTEER', label: 'volunteer' },
  { value: 'EDUCATOR', label: 'educator' },
  { value: 'LEAD', label: 'lead' },
];

function standing(p: PersonLine): string {
  switch (p.standing) {
    case 'LEFT':
      return `left ${p.leftAt ? when(p.leftAt) : ''}`;
    case 'INVITED':
      return `no password yet; the invitation is good until ${p.codeUntil ? when(p.codeUntil) : ''}`;
    case 'HERE':
      return 'here';
  }
}

function Invite({ onInvited }: { onInvited: (name: string, code: string) => void }) {
  const invite = useInvite();
  const [username, setUsername] = useState('');
  const [displayName, setDisplayName] = useState('');
  const [role, setRole] = useState<Role>('VOLUNTEER');
  return (
    <Paper sx={{ p: 2, mb: 2 }}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        Invite somebody
      </Typography>
      <Stack
        component="form"
        direction="row"
        spacing={1}
        useFlexGap
        sx={{ flexWrap: 'wrap' }}
        onSubmit={(e) => {
          e.preventDefault();
          invite.mutate(
            { username, displayName, role },
            {
              onSuccess: ({ code }) => {
                onInvited(displayName, code);
                setUsername('');
                setDisplayName('');
              },
            },
          );
        }}
      >
        <TextField
          size="small"
          label="Their name"
          required
          value={displayName}
          onChange={(e) => setDisplayName(e.target.value)}
        />
        <TextField
          size="small"
          label="Sign-in name"
          required
          value={username}
          onChange={(e) => setUsername(e.target.value)}
        />
        <Choice label="As" width={130} value={role} options={roles} onChange={(r) => setRole(r as Role)} />
        <Button type="submit" variant="contained" disabled={invite.isPending}>
          Invite
        </Button>
      </Stack>
      <ProblemLine error={invite.error} />
    </Paper>
  );
}

/** The people of the desk; the lead's page. */
export function People() {
  const session = useSession();
  const people = usePeople();
  const reset = useReset();
  const leave = useLeave();
  const change = useChangePerson();
  const [handed, setHanded] = useState<{ name: string; code: string } | null>(null);
  const [leaving, setLeaving] = useState<string | null>(null);
  return (
    <Box sx={{ maxWidth: 1000, mx: 'auto' }}>
      <Typography variant="h1" sx={{ mb: 1.5 }}>
        People
      </Typography>
      <Invite onInvited={(name, code) => setHanded({ name, code })} />
      {handed && (
        <Alert severity="info" sx={{ mb: 2 }} onClose={() => setHanded(null)}>
          Give {handed.name} this link. It is shown only now, works once and for three days:{' '}
          <Box component="code" sx={{ overflowWrap: 'anywhere' }}>
            {`${window.location.origin}/welcome/${handed.code}`}
          </Box>
        </Alert>
      )}
      <ProblemLine error={people.error ?? reset.error ?? leave.error ?? change.error} />
      {people.data && (
        <TableContainer component={Paper}>
          <Table size="small" aria-label="People">
            <TableHead>
              <TableRow>
                <TableCell>Name</TableCell>
                <TableCell>Sign-in name</TableCell>
                <TableCell>As</TableCell>
                <TableCell>Now</TableCell>
                <TableCell />
              </TableRow>
            </TableHead>
            <TableBody>
              {people.data.map((p) => (
                <TableRow key={p.username}>
                  <TableCell>{p.displayName}</TableCell>
                  <TableCell>{p.username}</TableCell>
                  <TableCell>
                    <Choice
                      label={`Role of ${p.displayName}`}
                      width={150}
                      value={p.role}
                      options={roles}
                      onChange={(role) =>
                        change.mutate({
                          username: p.username,
                          displayName: p.displayName,
                          role: role as Role,
                        })
                      }
                    />
                  </TableCell>
                  <TableCell>{standing(p)}</TableCell>
                  <TableCell align="right">
                    <Button
                      size="small"
                      onClick={() =>
                        reset.mutate(p.username, {
                          onSuccess: ({ code }) => setHanded({ name: p.displayName, code }),
                        })
                      }
                    >
                      {p.standing === 'LEFT' ? 'Invite back' : 'Reset password'}
                    </Button>
                    {p.standing !== 'LEFT' && p.username !== session.data?.username && (
                      <Button
                        size="small"
                        color="error"
                        onClick={() =>
                          leaving === p.username
                            ? leave.mutate(p.username, { onSettled: () => setLeaving(null) })
                            : setLeaving(p.username)
                        }
                      >
                        {leaving === p.username ? `Yes, ${p.displayName} leaves` : 'Leaves the desk'}
                      </Button>
                    )}
                  </TableCell>
                </TableRow>
              ))}
            </TableBody>
          </Table>
        </TableContainer>
      )}
    </Box>
  );
}
