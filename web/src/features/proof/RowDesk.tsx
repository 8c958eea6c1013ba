import {
  Box,
  Button,
  Link,
  Paper,
  Stack,
  Table,
  TableBody,
  TableCell,
  TableHead,
  TableRow,
  TextField,
  Typography,
} from '@mui/material';
import { useState } from 'react';
import { Link as RouterLink } from 'react-router';
import { useSession } from '../../api/queries';
import type { RowView } from '../../api/client';
import { tones } from '../../theme/theme';
import { CallBadge } from '../../ui/CallBadge';
import { ProblemLine } from '../../ui/ProblemLine';
import { proofWord } from '../../ui/words';
import { useReadRow, useSecondRow, useWithdrawRow } from '../guides/queries';
import { differing, rememberPrint, rememberedPrint } from './print';

const eventWord: Record<string, string> = {
  read: 'read by',
  second: 'read a second time by',
  withdrawn: 'taken back by',
};

/** One row beside the office's printed copy: it agrees, or print has another figure. */
export function RowDesk({ view }: { view: RowView }) {
  const session = useSession();
  const read = useReadRow();
  const second = useSecondRow();
  const withdraw = useWithdrawRow();
  const [typed, setTyped] = useState<Record<string, string>>({});
  const [edition, setEdition] = useState(rememberedPrint());
  const [page, setPage] = useState('');
  const row = view.line.row;
  const printed = differing(view.figures, typed);
  const changes = Object.keys(printed).length;
  const educator = session.data?.role === 'EDUCATOR';
  const maySecond = educator || session.data?.role === 'LEAD';
  const missing = !edition.trim() || !page.trim();
  const submit = (figures: Record<string, string>) => {
    rememberPrint(edition);
    read.mutate(
      { row, printed: figures, edition, page },
      { onSuccess: () => setTyped((now) => (now === typed ? {} : now)) },
    );
  };
  return (
    <Stack spacing={1.5}>
      <Paper sx={{ p: 2 }}>
        <Typography variant="h2">{view.line.title}</Typography>
        <Typography sx={{ color: 'text.secondary' }}>
          {view.source}, {view.edition}
          {view.line.place && `, ${view.line.place}`}
        </Typography>
        <Typography sx={{ fontWeight: 600, mt: 0.5 }}>
          {view.line.waiting
            ? 'A weaker figure was read once. It does not rule until somebody else has read it too.'
            : proofWord[view.line.proof]}
          {view.line.confidence !== 'high' && ` · ${view.line.confidence} confidence`}
        </Typography>
        {view.notes && <Typography>{view.notes}</Typography>}
        <Box sx={{ overflowX: 'auto', mt: 1 }}>
          <Table size="small" aria-label="The row as printed">
            <TableHead>
              <TableRow>
                <TableCell>Figure</TableCell>
                <TableCell align="right">Shipped</TableCell>
                <TableCell align="right">Rules now</TableCell>
                <TableCell>In print</TableCell>
              </TableRow>
            </TableHead>
            <TableBody>
              {view.figures.map((f) => (
                <TableRow key={f.column}>
                  <TableCell>{f.label}</TableCell>
                  <TableCell align="right">{f.shipped || 'none'}</TableCell>
                  <TableCell align="right" sx={{ fontWeight: 700 }}>
                    {f.ruling || 'none'}
                  </TableCell>
                  <TableCell>
                    <TextField
                      size="small"
                      variant="standard"
                      disabled={!educator}
                      placeholder={f.printed ?? f.shipped}
                      value={typed[f.column] ?? ''}
                      onChange={(e) => setTyped({ ...typed, [f.column]: e.target.value })}
                      slotProps={{
                        htmlInput: {
                          'aria-label': `In print: ${f.label}`,
                          inputMode: 'decimal',
                          style: { width: 90 },
                        },
                      }}
                    />
                    {f.printed != null && (
                      <Box component="span" sx={{ color: tones.caution, ml: 1 }}>
                        read: {f.printed}
                      </Box>
                    )}
                  </TableCell>
                </TableRow>
              ))}
            </TableBody>
          </Table>
        </Box>
        <Stack direction="row" sx={{ mt: 1.5, gap: 1, flexWrap: 'wrap', alignItems: 'center' }}>
          <TextField
            size="small"
            label="Edition of the printed copy"
            value={edition}
            disabled={!educator}
            onChange={(e) => setEdition(e.target.value)}
            sx={{ minWidth: 240 }}
          />
          <TextField
            size="small"
            label="Page"
            value={page}
            disabled={!educator}
            onChange={(e) => setPage(e.target.value)}
            sx={{ width: 100 }}
          />
          <Button
            variant="contained"
            disabled={!educator || missing || changes > 0 || read.isPending}
            onClick={() => submit({})}
          >
            Read, agrees
          </Button>
          <Button
            variant="outlined"
            disabled={!educator || missing || changes === 0 || read.isPending}
            onClick={() => submit(printed)}
          >
            Print has {changes === 1 ? 'another figure' : `${changes || 'other'} figures`}
          </Button>
          {view.line.waiting && (
            <Button variant="contained" disabled={!maySecond} onClick={() => second.mutate(row)}>
              I read it too
            </Button>
          )}
          {view.line.reader && (
            <Button disabled={!educator} onClick={() => withdraw.mutate(row)}>
              Take the reading back
            </Button>
          )}
        </Stack>
        {!educator && (
          <Typography sx={{ mt: 1 }}>
            Only an educator reads rows against print; everybody may look.
          </Typography>
        )}
        {educator && missing && (
          <Typography sx={{ mt: 1, color: 'text.secondary' }}>
            Name the edition and the page first.
          </Typography>
        )}
        <ProblemLine error={read.error ?? second.error ?? withdraw.error} />
      </Paper>
      <Paper sx={{ p: 2 }}>
        <Typography variant="h3">
          {view.cases.length === 0
            ? 'No case rests on this row'
            : `${view.cases.length} ${view.cases.length === 1 ? 'case rests' : 'cases rest'} on this row`}
        </Typography>
        {view.cases.map((c) => (
          <Stack key={c.id} direction="row" spacing={1.5} sx={{ py: 0.5, alignItems: 'center' }}>
            <CallBadge call={c.call} worst={c.call} />
            <Link component={RouterLink} to={`/cases/${c.id}`} sx={{ fontWeight: 600 }}>
              {c.title}
            </Link>
            <Typography>
              {c.cannerName || 'name not given'} · {c.answered ? 'answered' : 'open'}
            </Typography>
          </Stack>
        ))}
      </Paper>
      {view.history.length > 0 && (
        <Paper sx={{ p: 2 }}>
          <Typography variant="h3">History</Typography>
          {view.history.toReversed().map((e) => (
            <Typography key={e.at}>
              {new Date(e.at).toLocaleDateString('en-US', { dateStyle: 'medium' })}: {eventWord[e.kind]}{' '}
              {e.person}, {e.edition}, page {e.page}
              {Object.keys(e.printed).length === 0
                ? ', agrees'
                : `, in print: ${Object.entries(e.printed)
                    .map(
                      ([column, value]) =>
                        `${view.figures.find((f) => f.column === column)?.label ?? column} ${value}`,
                    )
                    .join('; ')}`}
            </Typography>
          ))}
        </Paper>
      )}
    </Stack>
  );
}
