import { Alert } from '@mui/material';

/** One clear error, or nothing. */
export function ProblemLine({ error }: { error: Error | null }) {
  return error ? (
    <Alert severity="error" role="alert" sx={{ my: 1 }}>
      {error.message}
    </Alert>
  ) : null;
}
