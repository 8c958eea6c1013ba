import {
  Button,
  Dialog,
  DialogActions,
  DialogContent,
  DialogTitle,
  MenuItem,
  TextField,
  Typography,
} from '@mui/material';
import { useState } from 'react';
import type { Assertion } from '../../api/client';
import { factValue, type Fact } from './facts';

interface Props {
  fact: Fact;
  onSay: (said: Assertion[]) => void;
  onClose: () => void;
}

/** What a fact really is, as the educator knows or reads it; the text itself stays as it is. */
export function CorrectFact({ fact, onSay, onClose }: Props) {
  const [value, setValue] = useState('');
  const said = factValue(fact, value);
  return (
    <Dialog open onClose={onClose} aria-labelledby="correct-fact" maxWidth="xs" fullWidth>
      <DialogTitle id="correct-fact">{fact.name}</DialogTitle>
      <DialogContent>
        <Typography sx={{ mb: 2 }}>Read as: {fact.shown}</Typography>
        <TextField
          fullWidth
          autoFocus
          select={fact.choices !== null}
          label={fact.unit ? `It is, in ${fact.unit}` : 'It is'}
          value={value}
          onChange={(e) => setValue(e.target.value)}
        >
          {fact.choices?.map((c) => (
            <MenuItem key={c.value} value={c.value}>
              {c.label}
            </MenuItem>
          ))}
        </TextField>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Leave it</Button>
        <Button
          variant="contained"
          disabled={said === null}
          onClick={() => said !== null && onSay([{ field: fact.field, value: said, at: null }])}
        >
          Read it so
        </Button>
      </DialogActions>
    </Dialog>
  );
}
