import { Box, Button, Paper, Stack, TextField, Typography } from '@mui/material';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { useSession } from '../../api/queries';
import { ProblemLine } from '../../ui/ProblemLine';
import { useWelcome } from './queries';

/** Whoever was invited sets a password here. */
export function Welcome() {
  const { code = '' } = useParams();
  const navigate = useNavigate();
  const welcome = useWelcome();
  // asking who is signed in also brings the token that the form needs
  useSession();
  const [password, setPassword] = useState('');
  const [again, setAgain] = useState('');
  const differ = again !== '' && again !== password;
  return (
    <Box component="main" sx={{ minHeight: '100vh', display: 'grid', placeItems: 'center', p: 2 }}>
      <Paper sx={{ p: 4, width: '100%', maxWidth: 420 }}>
        <Typography variant="h1" gutterBottom>
          Welcome to Oilcloth
        </Typography>
        <Typography sx={{ mb: 2 }}>Choose a password of ten characters or more.</Typography>
        <Stack
          component="form"
          spacing={2}
          onSubmit={(e) => {
            e.preventDefault();
            welcome.mutate({ code, password }, { onSuccess: () => void navigate('/sign-in') });
          }}
        >
          <TextField
            label="Password"
            type="password"
            autoComplete="new-password"
            required
            value={password}
            onChange={(e) => setPassword(e.target.value)}
          />
          <TextField
            label="The same once more"
            type="password"
            autoComplete="new-password"
            required
            value={again}
            error={differ}
            helperText={differ ? 'These two differ.' : ' '}
            onChange={(e) => setAgain(e.target.value)}
          />
          <ProblemLine error={welcome.error} />
          <Button
            type="submit"
            variant="contained"
            disabled={welcome.isPending || password.length < 10 || again !== password}
          >
            Set the password
          </Button>
        </Stack>
      </Paper>
    </Box>
  );
}
