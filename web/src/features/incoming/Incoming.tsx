import {
  Box,
  Button,
  Chip,
  Link,
  Paper,
  Stack,
  Table,
  TableBody,
  TableCell,
  TableContainer,
  TableHead,
  TableRow,
  TextField,
  ToggleButton,
  ToggleButtonGroup,
  Typography,
} from '@mui/material';
import { useState } from 'react';
import { Link as RouterLink, useSearchParams } from 'react-router';
import type { FoundCases, Line } from '../../api/client';
import { useColleagues } from '../../api/queries';
import { tones } from '../../theme/theme';
import { CallBadge } from '../../ui/CallBadge';
import { Choice } from '../../ui/Choice';
import { ProblemLine } from '../../ui/ProblemLine';
import { age, callWord, feet, timeLeft } from '../../ui/words';
import { useCases, useSettled } from './queries';
import { fromAddress, toAddress, today, type Wanted } from './wanted';

function Jars({ line }: { line: Line }) {
  if (line.jars === 'NOT_YET') {
    return <>planning</>;
  }
  if (line.jars === 'OPENED') {
    return <strong>opened</strong>;
  }
  const left = line.jarsOutAt ? timeLeft(line.jarsOutAt) : null;
  return left ? (
    <Box component="strong" sx={{ color: tones.danger }}>
      {left}
    </Box>
  ) : (
    <>on the shelf</>
  );
}

function Standing({ line }: { line: Line }) {
  if (line.wroteBackAt) {
    return (
      <Box component="strong" sx={{ color: tones.ask }}>
        wrote back
      </Box>
    );
  }
  if (line.answeredAt) {
    return <>answered {age(line.answeredAt)} ago</>;
  }
  return <>{line.replied ? 'draft saved' : 'none yet'}</>;
}

function CaseRow({ line }: { line: Line }) {
  const due = line.followUp != null && line.followUp <= today();
  return (
    <TableRow hover>
      <TableCell>
        <CallBadge call={line.call} worst={line.worstOpen} />
      </TableCell>
      <TableCell>
        <Link component={RouterLink} to={`/cases/${line.id}`} sx={{ fontWeight: 600 }}>
          {line.title}
        </Link>
        {line.language === 'ES' && ' · Spanish'}
        {line.photo && ' · photo'}
        {(line.tags.length > 0 || line.followUp) && (
          <Stack direction="row" spacing={0.5} useFlexGap sx={{ flexWrap: 'wrap', mt: 0.25 }}>
            {line.tags.map((t) => (
              <Chip key={t} size="small" variant="outlined" label={t} sx={{ height: 20 }} />
            ))}
            {line.followUp && (
              <Box
                component="span"
                sx={{ fontSize: '0.87rem', color: due ? tones.correct : 'text.secondary' }}
              >
                {due ? 'look again now' : `look again ${line.followUp}`}
              </Box>
            )}
          </Stack>
        )}
      </TableCell>
      <TableCell className="wide">
        {line.cannerName || 'not given'}
        <Box component="span" sx={{ display: 'block', color: 'text.secondary', fontSize: '0.9rem' }}>
          {line.place}
          {line.altitudeFt != null
            ? `${line.place ? ' · ' : ''}${feet(line.altitudeFt)}`
            : `${line.place ? ' · ' : ''}altitude not given`}
        </Box>
      </TableCell>
      <TableCell>
        <Jars line={line} />
      </TableCell>
      <TableCell className="wide">
        <Standing line={line} />
      </TableCell>
      <TableCell className="wide">{line.assignedTo ?? 'nobody'}</TableCell>
      <TableCell align="right" sx={{ whiteSpace: 'nowrap' }}>
        {age(line.createdAt)} ago
      </TableCell>
    </TableRow>
  );
}

function Cases({ lines }: { lines: Line[] }) {
  return (
    <TableContainer component={Paper}>
      <Table
        size="small"
        aria-label="Cases"
        sx={{
          '& td, & th': { px: { xs: 1, md: 1.5 } },
          '& .wide': { display: { xs: 'none', md: 'table-cell' } },
        }}
      >
        <TableHead>
          <TableRow>
            <TableCell>Call</TableCell>
            <TableCell>Recipe</TableCell>
            <TableCell className="wide">From</TableCell>
            <TableCell>Jars</TableCell>
            <TableCell className="wide">Reply</TableCell>
            <TableCell className="wide">Whose</TableCell>
            <TableCell align="right">Came in</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {lines.map((line) => (
            <CaseRow key={line.id} line={line} />
          ))}
        </TableBody>
      </Table>
    </TableContainer>
  );
}

const calls = ['stop', 'correct', 'ask', 'sound'];

function Filters({
  wanted,
  found,
  onWant,
}: {
  wanted: Wanted;
  found: FoundCases | undefined;
  onWant: (change: Wanted) => void;
}) {
  const colleagues = useColleagues();
  const [typed, setTyped] = useState(wanted.q ?? '');
  return (
    <Stack direction="row" spacing={1} useFlexGap sx={{ flexWrap: 'wrap', mb: 1.5, alignItems: 'center' }}>
      <TextField
        size="small"
        label="Find a case"
        placeholder="words, name, place, food or code"
        value={typed}
        onChange={(e) => {
          setTyped(e.target.value);
          onWant({ q: e.target.value });
        }}
        sx={{ width: 270 }}
      />
      <Choice
        label="Which"
        width={120}
        value={wanted.state ?? 'open'}
        options={[
          { value: 'open', label: 'open' },
          { value: 'answered', label: 'answered' },
          { value: 'all', label: 'all' },
        ]}
        onChange={(state) => onWant({ state: state === 'open' ? undefined : state })}
      />
      <ToggleButtonGroup
        exclusive
        size="small"
        value={wanted.call ?? ''}
        onChange={(_, call: string | null) => onWant({ call: call ?? undefined })}
        aria-label="Call"
        sx={{ '& .MuiToggleButton-root': { textTransform: 'none', py: 0.5, color: 'text.primary' } }}
      >
        {calls.map((call) => (
          <ToggleButton key={call} value={call}>
            {callWord[call]} {found?.calls.find((c) => c.call === call)?.cases ?? 0}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      <Choice
        label="Whose"
        width={130}
        empty="anybody's"
        value={wanted.assigned ?? ''}
        options={[
          { value: 'nobody', label: "nobody's" },
          ...(colleagues.data ?? []).map((c) => ({ value: c.username, label: c.displayName })),
        ]}
        onChange={(assigned) => onWant({ assigned })}
      />
      {(found?.tags.length ?? 0) > 0 && (
        <Choice
          label="Tag"
          width={110}
          empty="any"
          value={wanted.tag ?? ''}
          options={found?.tags ?? []}
          onChange={(tag) => onWant({ tag })}
        />
      )}
      <ToggleButton
        size="small"
        value="within"
        selected={wanted.within === true}
        onChange={() => onWant({ within: !wanted.within })}
        sx={{ textTransform: 'none', color: 'text.primary' }}
      >
        jars within 24 hours
      </ToggleButton>
      <ToggleButton
        size="small"
        value="due"
        selected={wanted.due === true}
        onChange={() => onWant({ due: !wanted.due })}
        sx={{ textTransform: 'none', color: 'text.primary' }}
      >
        to look at again
      </ToggleButton>
    </Stack>
  );
}

/** What came in, the most urgent first. */
export function Incoming() {
  const [search, setSearch] = useSearchParams();
  const wanted = fromAddress(search);
  const [cleared, setCleared] = useState(0);
  const cases = useCases(useSettled(wanted));
  const want = (change: Wanted) =>
    setSearch(toAddress({ ...fromAddress(search), page: 0, ...change }), { replace: true });
  const found = cases.data;
  const page = wanted.page ?? 0;
  const narrowed = Object.keys(toAddress(wanted)).length > 0;
  return (
    <>
      <Stack direction="row" sx={{ justifyContent: 'space-between', alignItems: 'center', mb: 1.5 }}>
        <Typography variant="h1">Incoming</Typography>
        <Button component={RouterLink} to="/new" variant="contained">
          New case
        </Button>
      </Stack>
      <Filters key={cleared} wanted={wanted} found={found} onWant={want} />
      <ProblemLine error={cases.error} />
      {found?.total === 0 && (
        <Paper sx={{ p: 3 }}>
          <Typography>
            {narrowed ? (
              <>
                No case fits that.{' '}
                <Button
                  onClick={() => {
                    setSearch({}, { replace: true });
                    setCleared((n) => n + 1);
                  }}
                >
                  Show all open cases
                </Button>
              </>
            ) : (
              <>No case yet. Paste a canner&rsquo;s recipe under &ldquo;New case&rdquo;.</>
            )}
          </Typography>
        </Paper>
      )}
      {found && found.lines.length > 0 && <Cases lines={found.lines} />}
      {found && found.total > found.pageSize && (
        <Stack direction="row" spacing={1} sx={{ mt: 1, alignItems: 'center' }}>
          <Button disabled={page === 0} onClick={() => want({ page: page - 1 })}>
            Earlier in the list
          </Button>
          <Typography>
            {page * found.pageSize + 1} to {Math.min(found.total, (page + 1) * found.pageSize)} of{' '}
            {found.total.toLocaleString('en-US')}
          </Typography>
          <Button
            disabled={(page + 1) * found.pageSize >= found.total}
            onClick={() => want({ page: page + 1 })}
          >
            Further down
          </Button>
        </Stack>
      )}
    </>
  );
}
