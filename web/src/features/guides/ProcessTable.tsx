import { Table, TableBody, TableCell, TableHead, TableRow, Typography } from '@mui/material';
import type { Library, ProcessEntry } from '../../api/client';
import { feet, inches, proofWord } from '../../ui/words';
import { sourceOf } from './find';

function bandName(from: number | null, to: number | null): string {
  if (to == null) {
    return from == null ? 'any altitude' : `over ${feet(from)}`;
  }
  return from == null ? `to ${feet(to)}` : `to ${to.toLocaleString('en-US')}`;
}

const dialBands = ['to 2,000 ft', 'to 4,000', 'to 6,000', 'to 8,000'];
const weightedBands = ['to 1,000 ft', 'over 1,000 ft'];

/** One process as the printed table has it: a row a jar, a column a band. */
export function ProcessTable({ process: p, library }: { process: ProcessEntry; library: Library }) {
  const first = p.jars[0];
  if (!first) {
    return null;
  }
  const pressure = p.method === 'pressure';
  const columns = pressure
    ? [
        ...dialBands.map((b, i) => ({
          name: `dial psi ${b}`,
          value: (j: typeof first) => j.dialPsi[i] ?? '–',
        })),
        ...weightedBands.map((b, i) => ({
          name: `weighted psi ${b}`,
          value: (j: typeof first) => j.weightedPsi[i] ?? '–',
        })),
      ]
    : first.bands.map((b, i) => ({
        name: bandName(i === 0 ? null : (first.bands[i - 1]?.toFt ?? null), b.toFt),
        value: (j: typeof first) => j.bands[i]?.minutes ?? '–',
      }));
  return (
    <>
      <Table size="small" aria-label={`${p.food}, ${p.pack} pack`}>
        <TableHead>
          <TableRow>
            <TableCell>Jar</TableCell>
            <TableCell>Headspace</TableCell>
            {pressure && <TableCell align="right">min</TableCell>}
            {columns.map((c) => (
              <TableCell key={c.name} align="right">
                {c.name}
              </TableCell>
            ))}
            <TableCell>Proof</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {p.jars.map((j) => (
            <TableRow key={j.jar}>
              <TableCell>{j.jar}</TableCell>
              <TableCell>{inches(j.headspaceIn)}</TableCell>
              {pressure && <TableCell align="right">{j.minutes}</TableCell>}
              {columns.map((c) => (
                <TableCell key={c.name} align="right" sx={{ fontWeight: 600 }}>
                  {c.value(j)}
                </TableCell>
              ))}
              <TableCell sx={{ fontSize: '0.85rem' }}>
                {proofWord[j.proof ?? 'unread']}
                {j.confidence && j.confidence !== 'high' && ` · ${j.confidence} confidence`}
              </TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
      <Typography sx={{ fontSize: '0.9rem', mt: 0.75 }}>
        {pressure ? 'Pressure canner' : 'Minutes in a boiling-water canner'} · {sourceOf(library, p.source)}
        {first.acid && ` · acid: ${first.acid}`}
        {p.notes && ` · ${p.notes}`}
      </Typography>
    </>
  );
}
