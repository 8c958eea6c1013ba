import {
  Autocomplete,
  Button,
  Dialog,
  DialogActions,
  DialogContent,
  DialogTitle,
  MenuItem,
  Stack,
  TextField,
  Typography,
} from '@mui/material';
import { useState } from 'react';
import type { Assertion } from '../../api/client';
import { useLibrary } from '../guides/queries';
import { amountValue, assertionsOf, units, type ReadRow, type UnitName } from './reading';

interface Props {
  row: ReadRow;
  onSay: (said: Assertion[]) => void;
  onClose: () => void;
}

type Role = 'jar' | 'aside' | 'none' | 'ignore';

/** What these words are, as the educator reads them; the text itself stays as it is. */
export function CorrectReading({ row, onSay, onClose }: Props) {
  const library = useLibrary();
  const [food, setFood] = useState<string | null>(row.ingredient?.food ?? null);
  const [figure, setFigure] = useState('');
  const [unit, setUnit] = useState<UnitName>('CUP');
  const [role, setRole] = useState<Role>(row.ingredient?.role === 'aside' ? 'aside' : 'jar');
  const amount = figure.trim() === '' ? null : amountValue(figure, unit);
  const wrong = figure.trim() !== '' && amount === null;
  const was = row.ingredient?.role === 'aside' ? 'aside' : 'jar';
  const said = assertionsOf(row, {
    food: food !== (row.ingredient?.food ?? null) ? food : null,
    amount,
    role: role !== was ? role : null,
  });
  const dropped = role === 'none' || role === 'ignore';
  return (
    <Dialog open onClose={onClose} aria-labelledby="correct-reading" maxWidth="sm" fullWidth>
      <DialogTitle id="correct-reading">How these words are read</DialogTitle>
      <DialogContent>
        <Typography sx={{ fontStyle: 'italic', mb: 2 }}>&ldquo;{row.text}&rdquo;</Typography>
        <Stack spacing={2}>
          <TextField
            select
            label="These words are"
            value={role}
            onChange={(e) => setRole(e.target.value as Role)}
          >
            <MenuItem value="jar">an ingredient that ends in the jar</MenuItem>
            <MenuItem value="aside">soaked in and poured off, not in the jar</MenuItem>
            {row.ingredient && <MenuItem value="none">no ingredient</MenuItem>}
            {!row.ingredient && <MenuItem value="ignore">nothing that matters</MenuItem>}
          </TextField>
          <Autocomplete
            disabled={dropped}
            options={library.data?.foods.map((f) => f.name) ?? []}
            value={food}
            onChange={(_, value) => setFood(value)}
            renderInput={(params) => <TextField {...params} label="Food" />}
          />
          <Stack direction="row" spacing={1}>
            <TextField
              disabled={dropped}
              label={row.ingredient?.amount ? `Amount, read as ${row.ingredient.amount}` : 'Amount'}
              value={figure}
              error={wrong}
              helperText={wrong ? 'A figure, or two with "to" between.' : ' '}
              onChange={(e) => setFigure(e.target.value)}
              sx={{ flex: 1 }}
            />
            <TextField
              select
              disabled={dropped}
              label="Unit"
              value={unit}
              onChange={(e) => setUnit(e.target.value as UnitName)}
              sx={{ width: 160 }}
            >
              {units.map((u) => (
                <MenuItem key={u} value={u}>
                  {u.toLowerCase()}
                </MenuItem>
              ))}
            </TextField>
          </Stack>
        </Stack>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Leave it</Button>
        <Button variant="contained" disabled={wrong || said.length === 0} onClick={() => onSay(said)}>
          Read it so
        </Button>
      </DialogActions>
    </Dialog>
  );
}
