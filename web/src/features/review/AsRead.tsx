import {
  Box,
  Button,
  Paper,
  Stack,
  Table,
  TableBody,
  TableCell,
  TableHead,
  TableRow,
  Typography,
} from '@mui/material';
import { useMemo, useState } from 'react';
import type { Assertion, Review } from '../../api/client';
import { paper, rule, serif, tones } from '../../theme/theme';
import { SeverityMark } from '../../ui/SeverityMark';
import { CorrectFact } from './CorrectFact';
import { CorrectReading } from './CorrectReading';
import { factsOf, type Fact } from './facts';
import { readRows, runs, type ReadRow } from './reading';

interface Props {
  review: Review;
  onSay: (said: Assertion[]) => void;
}

const roleWord: Record<string, string> = { aside: 'poured off', acid: 'acid' };

/** What the engine made of the words: ingredients, facts, and what it did not understand; each to be corrected in place. */
export function AsRead({ review, onSay }: Props) {
  const rows = useMemo(() => readRows(review), [review]);
  const cut = useMemo(() => runs(review.text, rows), [review.text, rows]);
  const [active, setActive] = useState<number | null>(null);
  const [correcting, setCorrecting] = useState<ReadRow | null>(null);
  const [fact, setFact] = useState<Fact | null>(null);
  const unread = rows.filter((r) => r.ingredient === null && r.bears).length;
  return (
    <Box
      sx={{
        mt: 1.5,
        display: 'grid',
        gap: 2,
        alignItems: 'start',
        gridTemplateColumns: { xs: '1fr', md: 'minmax(0, 1fr) minmax(0, 1.1fr)' },
      }}
    >
      <Box
        role="region"
        aria-label="The canner's text, as read"
        sx={{
          backgroundColor: paper,
          border: `1px solid ${rule}`,
          borderTop: `3px double ${rule}`,
          fontFamily: serif,
          lineHeight: 1.6,
          whiteSpace: 'pre-wrap',
          overflowWrap: 'anywhere',
          p: { xs: 2, md: 2.5 },
        }}
      >
        {cut.map((run, n) =>
          run.row === null ? (
            <span key={n}>{run.text}</span>
          ) : (
            <Box
              key={n}
              component="span"
              onMouseEnter={() => setActive(run.row)}
              onMouseLeave={() => setActive(null)}
              sx={{
                borderBottom: rows[run.row]?.ingredient
                  ? `2px solid ${tones.note}`
                  : `2px dotted ${tones.ask}`,
                backgroundColor: active === run.row ? '#fbf0cd' : 'transparent',
              }}
            >
              {run.text}
            </Box>
          ),
        )}
      </Box>
      <Stack spacing={2}>
        <Paper sx={{ overflowX: 'auto' }}>
          <Table size="small" aria-label="Ingredients as read">
            <TableHead>
              <TableRow>
                <TableCell>Amount</TableCell>
                <TableCell>Read as</TableCell>
                <TableCell>Goes</TableCell>
                <TableCell />
              </TableRow>
            </TableHead>
            <TableBody>
              {rows.map((row, n) => (
                <TableRow
                  key={`${row.start} ${row.end}`}
                  hover
                  onMouseEnter={() => setActive(n)}
                  onMouseLeave={() => setActive(null)}
                  sx={{ backgroundColor: active === n ? '#fbf0cd' : undefined }}
                >
                  <TableCell sx={{ whiteSpace: 'nowrap', fontWeight: 600 }}>
                    {row.ingredient ? (row.ingredient.amount ?? 'not measured') : ''}
                  </TableCell>
                  <TableCell>
                    {row.ingredient ? (
                      row.ingredient.food
                    ) : (
                      <Box component="span" sx={{ color: tones.ask }}>
                        <SeverityMark tone="ask" size={12} /> not understood: &ldquo;{row.text}&rdquo;
                        {!row.bears && ' (taken as said in passing)'}
                      </Box>
                    )}
                  </TableCell>
                  <TableCell>
                    {row.ingredient ? (roleWord[row.ingredient.role] ?? 'in the jar') : ''}
                  </TableCell>
                  <TableCell align="right">
                    <Button
                      size="small"
                      className="no-print"
                      onClick={() => setCorrecting(row)}
                      aria-label={`Correct: ${row.text}`}
                    >
                      Correct
                    </Button>
                  </TableCell>
                </TableRow>
              ))}
              {rows.length === 0 && (
                <TableRow>
                  <TableCell colSpan={4}>No ingredient was read.</TableCell>
                </TableRow>
              )}
            </TableBody>
          </Table>
          {unread > 0 && (
            <Typography sx={{ p: 1.5, color: tones.ask, fontWeight: 600 }}>
              {unread === 1 ? 'One thing was' : `${unread} things were`} not understood and could bear on
              safety: nothing is called sound before.
            </Typography>
          )}
        </Paper>
        <Paper sx={{ p: 1.5 }}>
          <Typography variant="h3">Facts as read</Typography>
          <Box
            component="table"
            sx={{ width: '100%', borderCollapse: 'collapse' }}
            aria-label="Facts as read"
          >
            <tbody>
              {factsOf(review).map((f) => (
                <tr key={f.field}>
                  <Box component="th" scope="row" sx={{ textAlign: 'left', fontWeight: 400, width: '7rem' }}>
                    {f.name}
                  </Box>
                  <Box component="td" sx={{ fontWeight: 600 }}>
                    {f.shown}
                  </Box>
                  <Box component="td" sx={{ textAlign: 'right' }}>
                    <Button
                      size="small"
                      className="no-print"
                      sx={{ py: 0 }}
                      onClick={() => setFact(f)}
                      aria-label={`Correct: ${f.name}`}
                    >
                      Correct
                    </Button>
                  </Box>
                </tr>
              ))}
            </tbody>
          </Box>
        </Paper>
        <Placed review={review} onSay={onSay} />
      </Stack>
      {fact && (
        <CorrectFact
          fact={fact}
          onClose={() => setFact(null)}
          onSay={(said) => {
            setFact(null);
            onSay(said);
          }}
        />
      )}
      {correcting && (
        <CorrectReading
          row={correcting}
          onClose={() => setCorrecting(null)}
          onSay={(said) => {
            setCorrecting(null);
            onSay(said);
          }}
        />
      )}
    </Box>
  );
}

function why(l: NonNullable<Review['placed']['likeness']>): string {
  return [
    l.shared.length > 0 && `both have ${l.shared.join(', ')}`,
    l.missing.length > 0 && `without its ${l.missing.join(', ')}`,
    l.beyond.length > 0 && `it does not list ${l.beyond.join(', ')}`,
    l.brinePercent != null &&
      l.testedBrinePercent != null &&
      `brine ${l.brinePercent.toFixed(1)} % against ${l.testedBrinePercent.toFixed(1)} %`,
    l.packSaid && 'the pack is as said',
  ]
    .filter(Boolean)
    .join('; ');
}

/** Where it was placed and why, and what else it may be. */
function Placed({ review, onSay }: Props) {
  const { placed } = review;
  return (
    <Paper sx={{ p: 1.5 }}>
      <Typography variant="h3">Placed</Typography>
      <Typography sx={{ fontWeight: 600 }}>
        {placed.title ?? 'on no tested process'}
        {placed.title && ` · ${placed.confidence} certainty`}
      </Typography>
      {placed.likeness && <Typography>{why(placed.likeness)}</Typography>}
      {placed.alternatives.map((a) => (
        <Stack key={a.process} direction="row" spacing={1} sx={{ mt: 1, alignItems: 'start' }}>
          <Box sx={{ flex: 1 }}>
            <Typography>
              or {a.title} · {a.confidence}
            </Typography>
            {a.likeness && (
              <Typography sx={{ color: 'text.secondary', fontSize: '0.9rem' }}>{why(a.likeness)}</Typography>
            )}
          </Box>
          <Button
            size="small"
            className="no-print"
            onClick={() => onSay([{ field: 'PLACED', value: a.process, at: null }])}
          >
            It is this one
          </Button>
        </Stack>
      ))}
    </Paper>
  );
}
