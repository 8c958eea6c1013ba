import {
  Box,
  Button,
  LinearProgress,
  Link,
  Paper,
  Table,
  TableBody,
  TableCell,
  TableContainer,
  TableHead,
  TableRow,
  Typography,
} from '@mui/material';
import { useState } from 'react';
import { Link as RouterLink } from 'react-router';
import { useSession } from '../../api/queries';
import { CallBadge } from '../../ui/CallBadge';
import { Choice } from '../../ui/Choice';
import { ProblemLine } from '../../ui/ProblemLine';
import { when } from '../../ui/words';
import { useChanges, useDraftCorrection, useRuns } from './queries';

function Changes({ run, done }: { run: string; done: number }) {
  const session = useSession();
  const changes = useChanges(run, done);
  const draft = useDraftCorrection(run);
  return (
    <>
      <ProblemLine error={changes.error ?? draft.error} />
      {changes.data?.length === 0 && (
        <Paper sx={{ p: 2 }}>
          <Typography>No case asks for anything else than before.</Typography>
        </Paper>
      )}
      {(changes.data?.length ?? 0) > 0 && (
        <TableContainer component={Paper}>
          <Table size="small" aria-label="Cases that changed">
            <TableHead>
              <TableRow>
                <TableCell>Recipe</TableCell>
                <TableCell>Before</TableCell>
                <TableCell>Now</TableCell>
                <TableCell>Letter</TableCell>
              </TableRow>
            </TableHead>
            <TableBody>
              {changes.data?.map((c) => (
                <TableRow key={c.caseId}>
                  <TableCell>
                    <Link component={RouterLink} to={`/cases/${c.caseId}`} sx={{ fontWeight: 600 }}>
                      {c.title}
                    </Link>
                    <Box component="span" sx={{ display: 'block', color: 'text.secondary' }}>
                      {c.cannerName || 'name not given'}
                    </Box>
                  </TableCell>
                  <TableCell>
                    <CallBadge call={c.beforeCall} worst={c.beforeCall} />
                    <Box>{c.beforeFigures}</Box>
                  </TableCell>
                  <TableCell>
                    <CallBadge call={c.afterCall} worst={c.afterCall} />
                    <Box sx={{ fontWeight: 600 }}>{c.afterFigures}</Box>
                  </TableCell>
                  <TableCell>
                    {c.draftedAt ? (
                      <Link component={RouterLink} to={`/cases/${c.caseId}/reply`}>
                        drafted {when(c.draftedAt)}
                      </Link>
                    ) : session.data?.role === 'EDUCATOR' ? (
                      <Button
                        size="small"
                        variant="outlined"
                        disabled={draft.isPending}
                        onClick={() => draft.mutate(c.caseId)}
                      >
                        {c.answered ? 'Reopen and draft a correction' : 'Review it again and draft'}
                      </Button>
                    ) : c.answered ? (
                      'answered; an educator drafts the correction'
                    ) : (
                      'open'
                    )}
                  </TableCell>
                </TableRow>
              ))}
            </TableBody>
          </Table>
        </TableContainer>
      )}
    </>
  );
}

/** What a change of the guide did to the cases, before and after. */
export function Revision() {
  const runs = useRuns();
  const [chosen, setChosen] = useState('');
  const run = runs.data?.find((r) => r.id === chosen) ?? runs.data?.[0];
  return (
    <Box sx={{ maxWidth: 1100, mx: 'auto' }}>
      <Typography variant="h1" sx={{ mb: 1 }}>
        When the guide changes
      </Typography>
      <Typography sx={{ mb: 1.5 }}>
        After every change of a row, a rule or a threshold all cases are reviewed again in the background.
        Those whose call, minutes, pressure, headspace or acid are no longer the same are listed here,
        answered ones first.
      </Typography>
      <ProblemLine error={runs.error} />
      {runs.data?.length === 0 && (
        <Paper sx={{ p: 2 }}>
          <Typography>The guide has not changed since this desk was set up.</Typography>
        </Paper>
      )}
      {run && (
        <>
          <Choice
            label="Change of the guide"
            width={420}
            value={run.id}
            options={(runs.data ?? []).map((r) => ({
              value: r.id,
              label: `${when(r.startedAt)}: ${r.guide} (${r.changed} of ${r.total} changed)`,
            }))}
            onChange={setChosen}
          />
          {run.finishedAt == null && (
            <Box sx={{ my: 1.5 }} role="status">
              <LinearProgress
                aria-label="Cases reviewed again"
                variant="determinate"
                value={run.total === 0 ? 0 : (100 * run.done) / run.total}
              />
              <Typography>
                {run.done.toLocaleString('en-US')} of {run.total.toLocaleString('en-US')} cases reviewed again
              </Typography>
            </Box>
          )}
          <Box sx={{ mt: 1.5 }}>
            <Changes run={run.id} done={run.done} />
          </Box>
        </>
      )}
    </Box>
  );
}
