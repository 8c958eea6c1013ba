import { Button, Dialog, DialogActions, DialogContent, DialogTitle, Typography } from '@mui/material';
import { Box } from '@mui/material';
import { useState } from 'react';
import type { Review } from '../../api/client';
import { useSession } from '../../api/queries';
import { tones } from '../../theme/theme';
import { adviceWord, deadline } from '../../ui/words';

type Jars = NonNullable<Review['jars']>;

/** Jars already made: one step after another, and what to do when somebody has eaten from one. */
export function JarsDialog({ jars, onClose }: { jars: Jars; onClose: () => void }) {
  const [eaten, setEaten] = useState(false);
  const zone = useSession().data?.zone;
  return (
    <Dialog open onClose={onClose} aria-labelledby="jars-title" maxWidth="sm" fullWidth>
      <DialogTitle id="jars-title">
        Jars already made: {(adviceWord[jars.advice] ?? jars.advice).toLowerCase()}
        {jars.by && ` before ${deadline(jars.by, 'long', zone)}`}
      </DialogTitle>
      <DialogContent>
        <Typography sx={{ mb: 1 }}>{jars.why}</Typography>
        <Box component="ol" sx={{ pl: 2.5, m: 0, '& li': { mb: 0.75 } }}>
          {jars.steps.map((step) => (
            <li key={step}>{step}</li>
          ))}
        </Box>
        {jars.eaten.length > 0 && (
          <Box sx={{ mt: 1.5 }}>
            <Button
              variant="outlined"
              color="error"
              aria-expanded={eaten}
              onClick={() => setEaten((open) => !open)}
            >
              Somebody has eaten from one
            </Button>
            {eaten && (
              <Box
                component="ul"
                sx={{ pl: 2.5, mt: 1, color: tones.danger, fontWeight: 600, '& li': { mb: 0.5 } }}
              >
                {jars.eaten.map((step) => (
                  <li key={step}>{step}</li>
                ))}
              </Box>
            )}
          </Box>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Close</Button>
      </DialogActions>
    </Dialog>
  );
}
