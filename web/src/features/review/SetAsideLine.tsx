import { Box, Button, TextField, Typography } from '@mui/material';
import { useState } from 'react';
import type { SetAside } from '../../api/client';
import { tones } from '../../theme/theme';
import { when } from '../../ui/words';

interface Props {
  standing: SetAside | undefined;
  /** Whether this person may set it aside; what is grave is an educator's to set aside. */
  may: boolean;
  busy: boolean;
  asking: boolean;
  onAsk: (open: boolean) => void;
  onSetAside: (reason: string) => void;
  onTakeBack: (id: string) => void;
}

/** A finding is set aside with a reason; the call stays as it is. */
export function SetAsideLine({ standing, may, busy, asking, onAsk, onSetAside, onTakeBack }: Props) {
  const [reason, setReason] = useState('');
  if (standing) {
    return (
      <Box sx={{ mt: 1, pl: 1.25, borderLeft: `3px double ${tones.note}` }}>
        <Typography>
          <Box component="span" sx={{ fontWeight: 700, color: tones.note }}>
            Set aside
          </Box>{' '}
          by {standing.person}, {when(standing.at)}: {standing.reason}
        </Typography>
        {may && (
          <Button
            size="small"
            sx={{ p: 0 }}
            className="no-print"
            disabled={busy}
            onClick={() => onTakeBack(standing.id)}
          >
            Take it back
          </Button>
        )}
      </Box>
    );
  }
  if (!may) {
    return null;
  }
  return asking ? (
    <Box
      component="form"
      className="no-print"
      sx={{ mt: 1, display: 'flex', gap: 1 }}
      onSubmit={(e) => {
        e.preventDefault();
        onSetAside(reason.trim());
      }}
    >
      <TextField
        autoFocus
        size="small"
        fullWidth
        required
        label="Why it is set aside"
        value={reason}
        onChange={(e) => setReason(e.target.value)}
        slotProps={{ htmlInput: { maxLength: 400 } }}
      />
      <Button type="submit" variant="outlined" disabled={busy || reason.trim() === ''}>
        Set aside
      </Button>
      <Button onClick={() => onAsk(false)}>Cancel</Button>
    </Box>
  ) : (
    <Button size="small" sx={{ p: 0, mt: 0.5 }} className="no-print" onClick={() => onAsk(true)}>
      Set aside, with a reason
    </Button>
  );
}
