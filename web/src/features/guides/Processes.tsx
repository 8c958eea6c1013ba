import {
  Box,
  Button,
  Checkbox,
  Link,
  MenuItem,
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
import type { Library, ProcessEntry } from '../../api/client';
import { FindField } from '../../ui/FindField';
import { ProblemLine } from '../../ui/ProblemLine';
import { capital, proofWord } from '../../ui/words';
import { finds, processText, proofOf, rowWords, sourceOf } from './find';
import { ProcessTable } from './ProcessTable';
import { useLibrary } from './queries';

const MOST = 60;
const key = (p: ProcessEntry) => `${p.method}:${p.id}`;
const title = (p: ProcessEntry) => capital(`${p.food}${p.style ? `, ${p.style}` : ''}`);

function Compared({
  library,
  chosen,
  onClear,
}: {
  library: Library;
  chosen: ProcessEntry[];
  onClear: () => void;
}) {
  return (
    <Paper sx={{ p: 2 }} component="section" aria-label="Compared">
      <Stack direction="row" sx={{ justifyContent: 'space-between' }}>
        <Typography variant="h2">{chosen.length === 2 ? 'Side by side' : 'The row as printed'}</Typography>
        <Button onClick={onClear}>Put away</Button>
      </Stack>
      {chosen.map((p) => (
        <Box key={key(p)} sx={{ mt: 1.5, overflowX: 'auto' }}>
          <Typography variant="h3">
            {title(p)}, {p.pack} pack
          </Typography>
          <ProcessTable process={p} library={library} />
        </Box>
      ))}
      {chosen.length === 1 && (
        <Typography sx={{ mt: 1, color: 'text.secondary' }}>
          Tick a second one to set it beside this.
        </Typography>
      )}
    </Paper>
  );
}

/** Every tested process, found by words; up to two laid side by side. */
export function Processes() {
  const library = useLibrary();
  const [typed, setTyped] = useState('');
  const [method, setMethod] = useState('');
  const [chosen, setChosen] = useState<string[]>([]);
  const all = library.data?.processes ?? [];
  const found = all.filter((p) => (!method || p.method === method) && finds(processText(p), typed));
  const compared = chosen.flatMap((k) => all.filter((p) => key(p) === k));
  const toggle = (k: string) =>
    setChosen(chosen.includes(k) ? chosen.filter((c) => c !== k) : [...chosen.slice(-1), k]);
  return (
    <Stack spacing={1.5}>
      <Stack direction="row" spacing={1.5} sx={{ alignItems: 'center', flexWrap: 'wrap', rowGap: 1 }}>
        <FindField label="Find a process" example="peach raw" value={typed} onChange={setTyped} />
        <TextField
          select
          size="small"
          label="Canner"
          sx={{ width: 180 }}
          value={method}
          onChange={(e) => setMethod(e.target.value)}
        >
          <MenuItem value="">both</MenuItem>
          <MenuItem value="boiling-water">boiling water</MenuItem>
          <MenuItem value="pressure">pressure</MenuItem>
        </TextField>
        <Typography aria-live="polite">
          {found.length} of {all.length}
          {found.length > MOST && `; the first ${MOST} are shown`}
        </Typography>
      </Stack>
      <ProblemLine error={library.error} />
      {library.data && compared.length > 0 && (
        <Compared library={library.data} chosen={compared} onClear={() => setChosen([])} />
      )}
      {library.data && (
        <Paper sx={{ overflowX: 'auto' }}>
          <Table size="small" aria-label="Processes">
            <TableHead>
              <TableRow>
                <TableCell padding="checkbox" />
                <TableCell>Process</TableCell>
                <TableCell>Pack</TableCell>
                <TableCell>Canner</TableCell>
                <TableCell>Jars and minutes</TableCell>
                <TableCell>Source</TableCell>
                <TableCell>Proof</TableCell>
              </TableRow>
            </TableHead>
            <TableBody>
              {found.slice(0, MOST).map((p) => (
                <TableRow key={key(p)} hover>
                  <TableCell padding="checkbox">
                    <Checkbox
                      size="small"
                      checked={chosen.includes(key(p))}
                      onChange={() => toggle(key(p))}
                      slotProps={{
                        input: { 'aria-label': `Lay out ${title(p)}, ${p.pack} pack, ${p.method}` },
                      }}
                    />
                  </TableCell>
                  <TableCell>
                    <Link
                      component={RouterLink}
                      to={`/times?q=${encodeURIComponent(p.id)}`}
                      sx={{ fontWeight: 600 }}
                    >
                      {title(p)}
                    </Link>
                    {p.own && <strong> · the office&rsquo;s own</strong>}
                  </TableCell>
                  <TableCell>{p.pack}</TableCell>
                  <TableCell>{p.method === 'pressure' ? 'pressure' : 'boiling water'}</TableCell>
                  <TableCell>
                    {p.jars.map((j) => (
                      <Box key={j.jar} sx={{ whiteSpace: 'nowrap' }}>
                        {j.jar}: {rowWords(j)}
                      </Box>
                    ))}
                  </TableCell>
                  <TableCell>{sourceOf(library.data, p.source).replace(/:.*/, '')}</TableCell>
                  <TableCell sx={{ fontSize: '0.85rem' }}>{proofWord[proofOf(p)]}</TableCell>
                </TableRow>
              ))}
            </TableBody>
          </Table>
        </Paper>
      )}
    </Stack>
  );
}
