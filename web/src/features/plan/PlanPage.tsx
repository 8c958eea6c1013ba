import {
  Alert,
  Autocomplete,
  Box,
  Button,
  IconButton,
  Paper,
  Stack,
  Table,
  TableBody,
  TableCell,
  TableHead,
  TableRow,
  TextField,
  ToggleButton,
  ToggleButtonGroup,
  Typography,
} from '@mui/material';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import type { PlanWish } from '../../api/client';
import { Choice } from '../../ui/Choice';
import { ProblemLine } from '../../ui/ProblemLine';
import { useLibrary } from '../guides/queries';
import { moment } from '../ask/words';
import { Clock } from './Clock';
import { clockTime } from './clock';
import { fetchCalendar, useFindCases, usePlan } from './queries';

interface Line {
  /** 'case:id' or 'recipe:id' */
  what: string;
  label: string;
  corrected: boolean;
  jar: string;
  jars: number;
}

const canners = [
  { value: 'boiling-water 21 qt', label: 'boiling-water canner, 21 quarts' },
  { value: 'pressure 16 qt', label: 'pressure canner, 16 quarts' },
  { value: 'pressure 23 qt', label: 'pressure canner, 23 quarts' },
];
const burners = [
  { value: 'SMALL', label: 'a small burner' },
  { value: 'USUAL', label: 'a usual burner' },
  { value: 'STRONG', label: 'a strong burner' },
];
const jars = ['half-pint', 'pint', 'quart'];

function tomorrowAt(hour: number): string {
  const day = new Date(Date.now() + 86_400_000);
  day.setHours(hour, 0, 0, 0);
  return new Date(day.getTime() - day.getTimezoneOffset() * 60_000).toISOString().slice(0, 16);
}

function wishOf(
  lines: Line[],
  altitude: string,
  canner: string,
  burner: string,
  by: string,
  at: string,
): PlanWish | null {
  const feet = Number(altitude.replace(/[,\s]/g, ''));
  if (lines.length === 0 || altitude.trim() === '' || !Number.isInteger(feet) || at === '') {
    return null;
  }
  return {
    start: by === 'start' ? moment(at) : null,
    doneBy: by === 'done' ? moment(at) : null,
    altitudeFt: feet,
    canner,
    burner: burner as PlanWish['burner'],
    zone: Intl.DateTimeFormat().resolvedOptions().timeZone,
    jobs: lines.map((l) => ({
      caseId: l.what.startsWith('case:') ? l.what.slice(5) : null,
      recipe: l.what.startsWith('recipe:') ? l.what.slice(7) : null,
      jar: l.what.startsWith('recipe:') ? l.jar : null,
      part: 0,
      corrected: l.corrected,
      jars: l.jars,
    })),
  };
}

function made(line: Line): string {
  if (line.what.startsWith('recipe:')) {
    return `tested, ${line.jar}`;
  }
  return line.corrected ? 'as corrected' : 'as sent';
}

/** Recipes laid out on a clock. */
export function PlanPage() {
  const [search] = useSearchParams();
  const library = useLibrary();
  const [typed, setTyped] = useState('');
  const cases = useFindCases(typed);
  const given = search.get('case');
  const [lines, setLines] = useState<Line[]>(
    given
      ? [
          {
            what: `case:${given}`,
            label: search.get('title') ?? 'the case',
            corrected: true,
            jar: 'pint',
            jars: 7,
          },
        ]
      : [],
  );
  const [altitude, setAltitude] = useState(search.get('altitude') ?? '');
  const [canner, setCanner] = useState('boiling-water 21 qt');
  const [burner, setBurner] = useState('USUAL');
  const [by, setBy] = useState('start');
  const [at, setAt] = useState(() => tomorrowAt(9));
  const [fileError, setFileError] = useState<Error | null>(null);
  const wish = wishOf(lines, altitude, canner, burner, by, at);
  const plan = usePlan(wish);
  const set = (n: number, part: Partial<Line>) =>
    setLines((all) => all.map((l, m) => (m === n ? { ...l, ...part } : l)));
  const options = [
    ...(cases.data?.lines ?? []).map((c) => ({
      what: `case:${c.id}`,
      label: `${c.title} (${c.cannerName || 'name not given'})`,
      group: 'Cases',
    })),
    ...(library.data?.recipes ?? []).map((r) => ({
      what: `recipe:${r.id}`,
      label: r.name,
      group: 'Tested recipes',
    })),
  ];
  const calendar = async () => {
    if (!wish) {
      return;
    }
    try {
      const url = URL.createObjectURL(new Blob([await fetchCalendar(wish)], { type: 'text/calendar' }));
      const link = document.createElement('a');
      link.href = url;
      link.download = 'day-plan.ics';
      link.click();
      URL.revokeObjectURL(url);
      setFileError(null);
    } catch (error) {
      setFileError(error as Error);
    }
  };
  return (
    <Box sx={{ maxWidth: 1100, mx: 'auto' }}>
      <Stack direction="row" spacing={1} sx={{ alignItems: 'center', mb: 1.5 }}>
        <Typography variant="h1" sx={{ flex: 1 }}>
          Day plan
        </Typography>
        {plan.data && wish && (
          <>
            <Button className="no-print" variant="outlined" onClick={() => window.print()}>
              Print
            </Button>
            <Button className="no-print" variant="outlined" onClick={() => void calendar()}>
              As calendar
            </Button>
          </>
        )}
      </Stack>
      <Typography sx={{ display: 'none', mb: 1, '@media print': { display: 'block' } }}>
        At {altitude} ft, {canners.find((c) => c.value === canner)?.label}:{' '}
        {lines.map((l) => `${l.label} (${made(l)}, ${l.jars} jars)`).join('; ')}
      </Typography>
      <Paper className="no-print" sx={{ p: 2, mb: 2 }}>
        <Autocomplete
          options={options}
          groupBy={(o) => o.group}
          getOptionLabel={(o) => o.label}
          getOptionKey={(o) => o.what}
          value={null}
          blurOnSelect
          inputValue={typed}
          onInputChange={(_, words) => setTyped(words)}
          onChange={(_, chosen) => {
            if (chosen) {
              setLines((all) => [
                ...all,
                { what: chosen.what, label: chosen.label, corrected: true, jar: 'pint', jars: 7 },
              ]);
              setTyped('');
            }
          }}
          renderInput={(params) => (
            <TextField
              {...params}
              size="small"
              label="Add a recipe"
              placeholder="a tested recipe, or words of a case"
            />
          )}
        />
        {lines.map((l, n) => (
          <Stack
            key={`${l.what} ${n}`}
            direction="row"
            spacing={1}
            useFlexGap
            sx={{ mt: 1, alignItems: 'center', flexWrap: 'wrap' }}
          >
            <Typography sx={{ flex: 1, minWidth: 180, fontWeight: 600 }}>{l.label}</Typography>
            {l.what.startsWith('case:') ? (
              <Choice
                label="Which version"
                width={150}
                value={l.corrected ? 'corrected' : 'sent'}
                options={[
                  { value: 'corrected', label: 'corrected' },
                  { value: 'sent', label: 'as sent' },
                ]}
                onChange={(v) => set(n, { corrected: v === 'corrected' })}
              />
            ) : (
              <Choice
                label="Jar"
                width={110}
                value={l.jar}
                options={jars}
                onChange={(jar) => set(n, { jar })}
              />
            )}
            <TextField
              size="small"
              type="number"
              label="Jars"
              sx={{ width: 90 }}
              value={l.jars}
              onChange={(e) => set(n, { jars: Math.max(1, Number(e.target.value) || 1) })}
              slotProps={{ htmlInput: { min: 1, max: 200 } }}
            />
            <IconButton
              aria-label={`Remove ${l.label}`}
              onClick={() => setLines((all) => all.filter((_, m) => m !== n))}
            >
              ×
            </IconButton>
          </Stack>
        ))}
        <Stack direction="row" spacing={1} useFlexGap sx={{ mt: 2, flexWrap: 'wrap', alignItems: 'center' }}>
          <TextField
            size="small"
            label="Altitude in feet"
            required
            sx={{ width: 140 }}
            value={altitude}
            onChange={(e) => setAltitude(e.target.value)}
          />
          <Choice label="Canner" width={250} value={canner} options={canners} onChange={setCanner} />
          <Choice label="On" width={160} value={burner} options={burners} onChange={setBurner} />
          <ToggleButtonGroup
            exclusive
            size="small"
            value={by}
            onChange={(_, v: string | null) => {
              if (v) {
                setBy(v);
                setAt(tomorrowAt(v === 'done' ? 18 : 9));
              }
            }}
            aria-label="Forwards or backwards"
            sx={{ '& .MuiToggleButton-root': { textTransform: 'none', color: 'text.primary' } }}
          >
            <ToggleButton value="start">starting at</ToggleButton>
            <ToggleButton value="done">done by</ToggleButton>
          </ToggleButtonGroup>
          <TextField
            size="small"
            type="datetime-local"
            label={by === 'start' ? 'The work begins' : 'The last jar is out'}
            value={at}
            onChange={(e) => setAt(e.target.value)}
            slotProps={{ inputLabel: { shrink: true } }}
          />
        </Stack>
      </Paper>
      <ProblemLine error={plan.error ?? fileError ?? library.error} />
      {!wish && <Typography>Add a recipe and the altitude of the kitchen.</Typography>}
      {wish && plan.data && !plan.error && (
        <>
          {plan.data.warnings.map((w) => (
            <Alert key={w} severity="warning" sx={{ mb: 1 }}>
              {w}
            </Alert>
          ))}
          <Paper sx={{ p: 2, mb: 2 }}>
            <Typography sx={{ fontWeight: 600, mb: 1 }}>
              {new Date(plan.data.start).toLocaleDateString([], {
                weekday: 'long',
                month: 'long',
                day: 'numeric',
              })}
              , {clockTime(plan.data.start)} to {clockTime(plan.data.done)}
            </Typography>
            <Clock plan={plan.data} />
          </Paper>
          <Paper sx={{ p: 1 }}>
            <Table size="small" aria-label="The day, hour by hour">
              <TableHead>
                <TableRow>
                  <TableCell>From</TableCell>
                  <TableCell>To</TableCell>
                  <TableCell>What</TableCell>
                  {plan.data.names.length > 1 && <TableCell>Recipe</TableCell>}
                </TableRow>
              </TableHead>
              <TableBody>
                {plan.data.tasks.map((t, n) => (
                  <TableRow key={n}>
                    <TableCell sx={{ whiteSpace: 'nowrap' }}>{clockTime(t.from)}</TableCell>
                    <TableCell sx={{ whiteSpace: 'nowrap' }}>{clockTime(t.to)}</TableCell>
                    <TableCell sx={{ fontWeight: t.kind === 'process' ? 700 : 400 }}>{t.words}</TableCell>
                    {plan.data.names.length > 1 && <TableCell>{plan.data.names[t.job]}</TableCell>}
                  </TableRow>
                ))}
              </TableBody>
            </Table>
          </Paper>
        </>
      )}
    </Box>
  );
}
