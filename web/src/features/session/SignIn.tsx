import { Box, Button, Paper, Stack, TextField, Typography } from '@mui/material';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useSession, useSignIn } from '../../api/queries';
import { ProblemLine } from '../../ui/ProblemLine';

export function SignIn() {
  const navigate = useNavigate();
  const signIn = useSignIn();
  // Asking who is signed in also brings the token that signing in needs.
  useSession();
  const [username, setUsername] = useState('');
  const [password, setPassword] = useState('');
  return (
    <Box
      component="main"
      sx={{
        minHeight: '100vh',
        display: 'grid',
        placeItems: 'center',
        p: 2,
        backgroundColor: 'background.default',
      }}
    >
      <Paper sx={{ p: 4, width: '100%', maxWidth: 400 }}>
        <Typography variant="h1" gutterBottom>
          Oilcloth
        </Typography>
        <Typography sx={{ mb: 3 }}>Home canners&rsquo; recipes, read against tested guidelines.</Typography>
        <form
          onSubmit={(event) => {
            event.preventDefault();
            signIn.mutate({ username, password }, { onSuccess: () => void navigate('/incoming') });
          }}
        >
          <Stack spacing={2}>
            <TextField
              label="Name"
              value={username}
              onChange={(e) => setUsername(e.target.value)}
              autoComplete="username"
              autoFocus
              required
            />
            <TextField
              label="Password"
              type="password"
              value={password}
              onChange={(e) => setPassword(e.target.value)}
              autoComplete="current-password"
              required
            />
            <ProblemLine error={signIn.error} />
            <Button type="submit" variant="contained" size="large" disabled={signIn.isPending}>
              Sign in
            </Button>
          </Stack>
        </form>
      </Paper>
    </Box>
  );
}
