import { Box, Button, LinearProgress, Link, Paper, Stack, Typography } from '@mui/material';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useRef } from 'react';
import { Link as RouterLink } from 'react-router';
import { api, ok } from '../../api/client';
import { useSession } from '../../api/queries';
import { ProblemLine } from '../../ui/ProblemLine';
import { callWord } from '../../ui/words';

const useImport = () =>
  useMutation({
    mutationFn: (files: File[]) => {
      const form = new FormData();
      files.forEach((f) => form.append('files', f));
      return ok(
        api.POST('/api/import', {
          // the form is sent as it is; the generated type only knows its one field
          body: form as unknown as { files: string[] },
          bodySerializer: (body) => body as unknown as FormData,
        }),
      );
    },
  });

const useImportRun = (id: string | undefined) =>
  useQuery({
    queryKey: ['import', id],
    queryFn: () => ok(api.GET('/api/import/{id}', { params: { path: { id: id ?? '' } } })),
    enabled: id !== undefined,
    refetchInterval: (query) => (query.state.data?.finished ? false : 700),
  });

/** A folder of letters in, with a report; everything out in open formats. */
export function Transfer() {
  const session = useSession();
  const bring = useImport();
  const run = useImportRun(bring.data?.id);
  const picker = useRef<HTMLInputElement>(null);
  const problems = run.data?.lines.filter((l) => l.problem !== '') ?? [];
  return (
    <Paper component="section" aria-label="In and out" sx={{ p: 2, mb: 2 }}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        In and out
      </Typography>
      <Stack direction="row" spacing={2} useFlexGap sx={{ flexWrap: 'wrap', alignItems: 'center' }}>
        <Button variant="outlined" disabled={bring.isPending} onClick={() => picker.current?.click()}>
          Bring in letters
        </Button>
        <input
          ref={picker}
          type="file"
          multiple
          hidden
          aria-label="Letter files"
          accept=".txt,.md,.html,.htm,.json,.jsonld,.csv,text/*"
          onChange={(e) => {
            const files = [...(e.target.files ?? [])];
            if (files.length > 0) {
              bring.mutate(files);
            }
            e.target.value = '';
          }}
        />
        <Typography sx={{ color: 'text.secondary' }}>
          Many texts at once, or a CSV with a column named text
        </Typography>
        {session.data?.role !== 'VOLUNTEER' && (
          <>
            <Link href="/api/export/cases.csv" download="cases.csv">
              cases as CSV
            </Link>
            <Link href="/api/export/log.csv" download="log.csv">
              the log as CSV
            </Link>
            <Link href="/api/export/desk.json" download="desk.json">
              everything as JSON
            </Link>
          </>
        )}
      </Stack>
      <ProblemLine error={bring.error ?? run.error} />
      {run.data && (
        <Box sx={{ mt: 1.5 }} role="status">
          <LinearProgress
            variant="determinate"
            aria-label="Letters taken in"
            value={run.data.total === 0 ? 100 : (100 * run.data.done) / run.data.total}
          />
          <Typography sx={{ mt: 0.5 }}>
            {run.data.done} of {run.data.total} looked at; {run.data.done - problems.length} taken in,{' '}
            {problems.length} not
          </Typography>
          <Box component="ul" sx={{ pl: 2.5, my: 0.5, maxHeight: 240, overflowY: 'auto' }}>
            {run.data.lines.map((l) => (
              <li key={l.name}>
                {l.caseId ? (
                  <>
                    <Link component={RouterLink} to={`/cases/${l.caseId}`}>
                      {l.name}
                    </Link>
                    : {callWord[l.call] ?? l.call}
                  </>
                ) : (
                  <>
                    <strong>{l.name}</strong>: {l.problem}
                  </>
                )}
              </li>
            ))}
          </Box>
        </Box>
      )}
    </Paper>
  );
}
