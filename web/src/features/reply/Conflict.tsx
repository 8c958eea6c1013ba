import { Box, Button, Paper, Stack, Typography } from '@mui/material';
import type { Reply } from '../../api/client';
import { serif, tones } from '../../theme/theme';
import { age } from '../../ui/words';

interface Props {
  theirs: Reply;
  onMine: () => void;
  onTheirs: () => void;
  onBoth: () => void;
}

/** Somebody else saved first: nothing is lost until one of the three is chosen. */
export function Conflict({ theirs, onMine, onTheirs, onBoth }: Props) {
  return (
    <Paper
      component="section"
      aria-label="Saved by somebody else"
      sx={{ p: 2, mb: 2, borderLeft: `5px solid ${tones.correct}` }}
    >
      <Typography sx={{ fontWeight: 600 }}>
        {theirs.editedBy} saved this letter {theirs.editedAt ? `${age(theirs.editedAt)} ago` : ''}. Yours is
        below, theirs is here.
      </Typography>
      <Box
        sx={{
          whiteSpace: 'pre-wrap',
          font: `400 1rem/1.5 ${serif}`,
          maxHeight: 260,
          overflowY: 'auto',
          my: 1,
          p: 1,
          backgroundColor: '#fff',
        }}
        tabIndex={0}
        aria-label="Their letter"
      >
        {theirs.body}
      </Box>
      <Stack direction="row" spacing={1} useFlexGap sx={{ flexWrap: 'wrap' }}>
        <Button variant="outlined" onClick={onMine}>
          Keep mine
        </Button>
        <Button variant="outlined" onClick={onTheirs}>
          Take theirs
        </Button>
        <Button variant="outlined" onClick={onBoth}>
          Put theirs under mine
        </Button>
      </Stack>
    </Paper>
  );
}
