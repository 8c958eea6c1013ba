import { Choice } from '../../ui/Choice';
import { Alert, Box, Button, Link, MenuItem, Paper, Stack, TextField, Typography } from '@mui/material';
import { useDeferredValue, useEffect, useRef, useState } from 'react';
import { Link as RouterLink, useSearchParams } from 'react-router';
import type { PhoneAnswer, PhoneAsk } from '../../api/client';
import { tones } from '../../theme/theme';
import { ProblemLine } from '../../ui/ProblemLine';
import { SeverityMark } from '../../ui/SeverityMark';
import { feet, inches } from '../../ui/words';
import { useCallCount, useLogCall, usePhone } from '../guides/queries';
import { AnswerCard } from './AnswerCard';
import { figure } from './figure';
import { jarFacets, methodFacets, noFacets, packFacets, question, withChoice, type Facets } from './question';

const examples = ['pears pints 5200', 'okra quarts weighted 4000', 'peaches raw quart 1500 m', 'corn relish'];

function Ask({ ask, onChoose }: { ask: PhoneAsk; onChoose: (words: string, others: string[]) => void }) {
  const others = ask.between.map((c) => c.words);
  return (
    <Paper sx={{ p: 1.5, borderLeft: `4px solid ${tones.ask}` }}>
      <Stack direction="row" spacing={1} sx={{ alignItems: 'center', flexWrap: 'wrap', rowGap: 0.5 }}>
        <SeverityMark tone="ask" />
        <Typography sx={{ fontWeight: 600 }}>{ask.text}</Typography>
        {ask.figures && <Typography>between {ask.figures}</Typography>}
        {ask.between.map((c) => (
          <Button key={c.words} size="small" variant="outlined" onClick={() => onChoose(c.words, others)}>
            {c.label}
          </Button>
        ))}
      </Stack>
    </Paper>
  );
}

function ShortAnswers({ title, answers }: { title: string; answers: PhoneAnswer[] }) {
  if (answers.length === 0) {
    return null;
  }
  return (
    <Paper component="details" sx={{ p: 1.5 }}>
      <Box component="summary" sx={{ cursor: 'pointer', fontWeight: 600 }}>
        {title} ({answers.length})
      </Box>
      <Box component="ul" sx={{ m: 0, mt: 1, pl: 2.5 }}>
        {answers.map((a) => (
          <li key={`${a.rowKey} ${a.jar}`}>
            {a.jarLabel}: <strong>{figure(a)}</strong>
            {a.method === 'pressure' && a.psi != null && ` at ${a.psi} psi`}, headspace{' '}
            {inches(a.headspaceIn)} · {a.recipeName ?? a.title}
          </li>
        ))}
      </Box>
    </Paper>
  );
}

/** The answer for the phone: words in, the tested figure out, while the caller still speaks. */
export function ProcessTimes() {
  const [search, setSearch] = useSearchParams();
  const [words, setWords] = useState(search.get('q') ?? '');
  const [facets, setFacets] = useState<Facets>(noFacets);
  const field = useRef<HTMLInputElement>(null);
  const asked = question(words, facets);
  const deferred = useDeferredValue(asked);
  const phone = usePhone(deferred);
  const calls = useCallCount();
  const log = useLogCall();
  const answer = phone.data?.answer;
  const altitude = answer?.understood.altitudeFt ?? null;
  const place = phone.data?.place;
  useEffect(() => {
    const timer = setTimeout(() => setSearch(words ? { q: words } : {}, { replace: true }), 150);
    return () => clearTimeout(timer);
  }, [words, setSearch]);
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (e.key === '/' && !(e.target instanceof HTMLInputElement)) {
        e.preventDefault();
        field.current?.focus();
        field.current?.select();
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  const logCall = () => {
    if (asked.trim() && answer) {
      log.mutate({
        words: asked.slice(0, 300),
        process: answer.answers[0]?.process ?? null,
        altitudeFt: altitude,
      });
    }
  };
  const set = (part: Partial<Facets>) => setFacets({ ...facets, ...part });
  const shown = deferred.trim().length > 1 ? answer : undefined;
  return (
    <Stack spacing={1.5}>
      <Stack
        className="no-print"
        direction="row"
        sx={{ justifyContent: 'space-between', alignItems: 'center' }}
      >
        <Typography variant="h1">Process times</Typography>
        <Typography aria-live="polite">
          {log.isSuccess && 'Logged. '}
          {calls.data && `${calls.data.today} calls today, ${calls.data.thisYear} this year`}
        </Typography>
      </Stack>
      <Paper className="no-print" sx={{ p: 2 }}>
        <TextField
          autoFocus
          fullWidth
          inputRef={field}
          label="What does the caller ask?"
          placeholder="pears pints 5200"
          value={words}
          onChange={(e) => setWords(e.target.value)}
          onKeyDown={(e) => {
            if (e.key === 'Enter') {
              logCall();
            }
          }}
          helperText="Food, jar, pack, canner, altitude or place, in any order. Enter logs the call; / comes back here."
          slotProps={{ htmlInput: { maxLength: 280, style: { fontSize: '1.3rem' } } }}
        />
        <Stack direction="row" sx={{ mt: 1.5, gap: 1, flexWrap: 'wrap', alignItems: 'center' }}>
          <Choice
            label="Jar"
            width={130}
            empty="any"
            value={facets.jar}
            options={jarFacets}
            onChange={(value) => set({ jar: value })}
          />
          <Choice
            label="Pack"
            width={110}
            empty="any"
            value={facets.pack}
            options={packFacets}
            onChange={(value) => set({ pack: value })}
          />
          <Choice
            label="Canner"
            width={180}
            empty="any"
            value={facets.method}
            options={methodFacets}
            onChange={(value) => set({ method: value })}
          />
          <TextField
            size="small"
            label="Altitude"
            sx={{ width: 110 }}
            value={facets.altitude}
            onChange={(e) => set({ altitude: e.target.value })}
          />
          <TextField
            select
            size="small"
            label="Unit"
            sx={{ width: 80 }}
            value={facets.unit}
            onChange={(e) => set({ unit: e.target.value === 'm' ? 'm' : 'ft' })}
          >
            <MenuItem value="ft">ft</MenuItem>
            <MenuItem value="m">m</MenuItem>
          </TextField>
          <Box sx={{ flex: 1 }} />
          <Button
            onClick={() => {
              setWords('');
              setFacets(noFacets);
              field.current?.focus();
            }}
          >
            Clear
          </Button>
          <Button variant="outlined" disabled={!shown?.answers.length} onClick={() => window.print()}>
            Print card
          </Button>
          <Button variant="contained" disabled={!shown} onClick={logCall}>
            Log this call
          </Button>
        </Stack>
      </Paper>
      <ProblemLine error={phone.error ?? log.error} />
      {!shown && (
        <Paper sx={{ p: 2 }}>
          <Typography>
            For example:{' '}
            {examples.map((e) => (
              <Button key={e} size="small" onClick={() => setWords(e)}>
                {e}
              </Button>
            ))}
          </Typography>
        </Paper>
      )}
      {place?.edgeFeet != null && (
        <Alert severity="warning">
          {place.name} lies at {place.lowestFeet.toLocaleString('en-US')} to {feet(place.highestFeet)}, across
          the edge at {feet(place.edgeFeet)}: the higher band is used.
        </Alert>
      )}
      {shown && shown.understood.not.length > 0 && (
        <Typography sx={{ color: tones.ask, fontWeight: 600 }}>
          Not understood, and left aside: {shown.understood.not.join(' ')}
        </Typography>
      )}
      {shown?.none && (
        <Paper sx={{ p: 2, borderLeft: `4px solid ${tones.danger}` }}>
          <Typography sx={{ fontSize: '1.25rem', fontWeight: 600 }}>{shown.none}</Typography>
        </Paper>
      )}
      {shown?.ask.map((a) => (
        <Ask
          key={a.what}
          ask={a}
          onChoose={(choice, others) => {
            setWords(withChoice(words, choice, others));
            field.current?.focus();
          }}
        />
      ))}
      {shown?.answers.slice(0, 6).map((a) => (
        <AnswerCard key={`${a.rowKey} ${a.jar}`} answer={a} altitudeFt={altitude} />
      ))}
      {shown && <ShortAnswers title="More answers" answers={shown.answers.slice(6)} />}
      {shown && <ShortAnswers title="Also tested" answers={shown.also} />}
      {shown && (
        <Typography sx={{ color: 'text.secondary', fontSize: '0.9rem' }}>
          {shown.guide}
          <Box component="span" className="no-print">
            {' · '}
            <Link component={RouterLink} to="/guides/proofreading">
              proofreading
            </Link>
          </Box>
        </Typography>
      )}
    </Stack>
  );
}
