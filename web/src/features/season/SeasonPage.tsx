import { Box, Button, Link, Paper, Stack, TextField, Typography } from '@mui/material';
import { useState } from 'react';
import { Link as RouterLink } from 'react-router';
import { checkPage } from '../catalogue/page';
import { ProblemLine } from '../../ui/ProblemLine';
import { callWord, methodWord } from '../../ui/words';
import { today } from '../incoming/wanted';
import { Bars } from './Bars';
import { useSeason } from './queries';
import { Weeks } from './Weeks';

const halfAYearAgo = (): string => {
  const day = new Date();
  day.setMonth(day.getMonth() - 6);
  return today(day);
};

function Figure({ value, words }: { value: string; words: string }) {
  return (
    <Box sx={{ minWidth: 120 }}>
      <Box sx={{ fontSize: '1.6rem', fontWeight: 700, lineHeight: 1.1 }}>{value}</Box>
      <Box sx={{ color: 'text.secondary' }}>{words}</Box>
    </Box>
  );
}

/** What the season brought, on one page. */
export function SeasonPage() {
  const [from, setFrom] = useState(halfAYearAgo);
  const [to, setTo] = useState(() => today());
  const season = useSeason(from, to);
  const s = season.data;
  return (
    <Box
      sx={{
        maxWidth: 1100,
        mx: 'auto',
        '@media print': { fontSize: '8.5pt', lineHeight: 1.25, '& h2': { fontSize: '10.5pt' } },
      }}
    >
      <Stack
        direction="row"
        spacing={1.5}
        useFlexGap
        sx={{ flexWrap: 'wrap', alignItems: 'center', mb: 1.5, '@media print': { pt: 1, mb: 1 } }}
      >
        <Typography variant="h1" sx={{ flex: 1 }}>
          Season
        </Typography>
        <TextField
          size="small"
          type="date"
          label="From"
          value={from}
          onChange={(e) => setFrom(e.target.value)}
          slotProps={{ inputLabel: { shrink: true } }}
        />
        <TextField
          size="small"
          type="date"
          label="To"
          value={to}
          onChange={(e) => setTo(e.target.value)}
          slotProps={{ inputLabel: { shrink: true } }}
        />
        <Button className="no-print" variant="outlined" onClick={() => window.print()}>
          Print
        </Button>
        <Link className="no-print" href={`/api/season/file?from=${from}&to=${to}`} download="season.csv">
          as CSV
        </Link>
      </Stack>
      <ProblemLine error={season.error} />
      {s && (
        <>
          <Paper sx={{ p: 2, mb: 2, '@media print': { p: 1, mb: 1 } }}>
            <Stack direction="row" spacing={3} useFlexGap sx={{ flexWrap: 'wrap', mb: 2 }}>
              <Figure value={s.letters.toLocaleString('en-US')} words="letters" />
              <Figure value={s.answered.toLocaleString('en-US')} words="answered" />
              <Figure value={s.calls.toLocaleString('en-US')} words="telephone calls" />
              <Figure
                value={s.medianHours == null ? '–' : `${s.medianHours} h`}
                words="median to an answer"
              />
            </Stack>
            <Weeks weeks={s.weeks} />
          </Paper>
          <Box
            sx={{
              display: 'grid',
              gap: 2,
              gridTemplateColumns: { md: '1fr 1fr' },
              '@media print': {
                gridTemplateColumns: '1fr 1fr',
                gap: 1,
                '& > *': { p: 1, breakInside: 'avoid' },
              },
            }}
          >
            <Paper sx={{ p: 2 }}>
              <Typography variant="h2" sx={{ mb: 0.5 }}>
                What to teach next
              </Typography>
              <Box component="ol" sx={{ pl: 2.5, my: 0 }}>
                {s.teach.map((t) => (
                  <li key={t}>{t}</li>
                ))}
              </Box>
              {s.teach.length === 0 && <Typography>Nothing went wrong yet.</Typography>}
              <Typography variant="h2" sx={{ mt: 2, mb: 0.5 }}>
                Top hazards
              </Typography>
              {s.hazards.map((h) => (
                <Box key={h.code} sx={{ display: 'flex', gap: 1, py: 0.25 }}>
                  <Box sx={{ flex: 1 }}>
                    {h.summary}{' '}
                    <Link
                      component={RouterLink}
                      to={checkPage(h.code)}
                      className="no-print"
                      sx={{ color: 'text.secondary', fontSize: '0.87rem' }}
                    >
                      {h.code}
                    </Link>
                  </Box>
                  <strong>{h.cases}</strong>
                </Box>
              ))}
            </Paper>
            <Paper sx={{ p: 2, display: 'grid', gap: 2, alignContent: 'start' }}>
              <Bars
                title="By call"
                rows={s.outcomes.map((c) => ({ name: callWord[c.name] ?? c.name, count: c.cases }))}
              />
              <Bars
                title="By method as sent"
                rows={s.methods.map((c) => ({ name: methodWord[c.name] ?? c.name, count: c.cases }))}
              />
            </Paper>
            <Paper sx={{ p: 2 }}>
              <Bars title="By place" rows={s.places.map((c) => ({ name: c.name, count: c.cases }))} />
            </Paper>
            <Paper sx={{ p: 2 }}>
              <Bars title="By food" rows={s.foods.map((c) => ({ name: c.name, count: c.cases }))} />
            </Paper>
          </Box>
        </>
      )}
    </Box>
  );
}
