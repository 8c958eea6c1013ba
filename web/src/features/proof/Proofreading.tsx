import {
  Box,
  Button,
  Chip,
  List,
  ListItemButton,
  MenuItem,
  Paper,
  Stack,
  TextField,
  Typography,
} from '@mui/material';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import type { RowLine } from '../../api/client';
import { tones } from '../../theme/theme';
import { ProblemLine } from '../../ui/ProblemLine';
import { proofWord } from '../../ui/words';
import { finds } from '../guides/find';
import { useRow, useRows } from '../guides/queries';
import { RowDesk } from './RowDesk';

const MOST = 120;

function state(line: RowLine): { word: string; color: string } {
  if (line.waiting) {
    return { word: 'waits for a second reader', color: tones.danger };
  }
  return {
    word: proofWord[line.proof] ?? line.proof,
    color: line.proof === 'unread' ? tones.caution : tones.met,
  };
}

/** The rows this office's answers rest on first; one of them laid open as the printed table has it. */
export function Proofreading() {
  const rows = useRows();
  const [search, setSearch] = useSearchParams();
  const [typed, setTyped] = useState('');
  const [only, setOnly] = useState('');
  const all = rows.data ?? [];
  const open = search.get('row') ?? all[0]?.row ?? null;
  const row = useRow(open);
  const found = all.filter(
    (r) =>
      finds(`${r.title} ${r.row}`, typed) &&
      (only === '' || (only === 'waiting' ? r.waiting : only === 'used' ? r.cases > 0 : r.proof === only)),
  );
  const read = all.filter((r) => r.proof !== 'unread').length;
  const rested = all.filter((r) => r.cases > 0);
  return (
    <Stack direction={{ xs: 'column', md: 'row' }} spacing={1.5} sx={{ alignItems: 'start' }}>
      <Paper sx={{ width: { xs: '100%', md: 430 }, flex: 'none' }}>
        <Stack spacing={1} sx={{ p: 1.5 }}>
          <Typography aria-live="polite">
            {read} of {all.length} rows read; this office&rsquo;s answers rest on {rested.length}, of which{' '}
            <strong>{rested.filter((r) => r.proof === 'unread').length} are unread</strong>.
          </Typography>
          <Stack direction="row" spacing={1}>
            <TextField
              size="small"
              label="Find a row"
              value={typed}
              onChange={(e) => setTyped(e.target.value)}
              sx={{ flex: 1 }}
            />
            <TextField
              select
              size="small"
              label="Show"
              value={only}
              onChange={(e) => setOnly(e.target.value)}
              sx={{ width: 150 }}
            >
              <MenuItem value="">all</MenuItem>
              <MenuItem value="used">answers rest on</MenuItem>
              <MenuItem value="unread">unread</MenuItem>
              <MenuItem value="waiting">second reader</MenuItem>
              <MenuItem value="overridden">printed figure</MenuItem>
              <MenuItem value="agrees">agrees</MenuItem>
            </TextField>
          </Stack>
        </Stack>
        <ProblemLine error={rows.error} />
        <List
          dense
          component="nav"
          aria-label="Rows"
          sx={{ maxHeight: { xs: 260, md: 560 }, overflow: 'auto', pt: 0 }}
        >
          {found.slice(0, MOST).map((r) => {
            const s = state(r);
            return (
              <ListItemButton
                key={r.row}
                selected={r.row === open}
                aria-current={r.row === open}
                onClick={() => setSearch({ row: r.row })}
                sx={{ alignItems: 'start', gap: 1, borderTop: '1px solid #e4dcc8' }}
              >
                <Box sx={{ flex: 1 }}>
                  <Typography sx={{ fontWeight: 600, lineHeight: 1.3 }}>{r.title}</Typography>
                  <Typography sx={{ fontSize: '0.85rem', color: s.color }}>
                    {s.word}
                    {r.confidence !== 'high' && ` · ${r.confidence} confidence`}
                  </Typography>
                </Box>
                {r.cases > 0 && (
                  <Chip
                    size="small"
                    label={`${r.cases} ${r.cases === 1 ? 'case' : 'cases'}`}
                    variant="outlined"
                  />
                )}
              </ListItemButton>
            );
          })}
        </List>
        {found.length > MOST && (
          <Typography sx={{ p: 1.5 }}>
            {found.length - MOST} more: <Button onClick={() => setOnly('unread')}>only the unread</Button>
          </Typography>
        )}
      </Paper>
      <Box sx={{ flex: 1, minWidth: 0, width: '100%' }}>
        <ProblemLine error={row.error} />
        {row.data && <RowDesk key={row.data.line.row} view={row.data} />}
      </Box>
    </Stack>
  );
}
