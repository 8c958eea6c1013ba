import {
  Box,
  Button,
  Link,
  Paper,
  Stack,
  Table,
  TableBody,
  TableCell,
  TableContainer,
  TableHead,
  TableRow,
  Typography,
} from '@mui/material';
import { Link as RouterLink } from 'react-router';
import type { Line } from '../../api/client';
import { useIncoming } from '../../api/queries';
import { tones } from '../../theme/theme';
import { CallBadge } from '../../ui/CallBadge';
import { ProblemLine } from '../../ui/ProblemLine';
import { age, feet, timeLeft } from '../../ui/words';

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

export function Incoming() {
  const incoming = useIncoming();
  return (
    <>
      <Stack direction="row" sx={{ justifyContent: 'space-between', alignItems: 'center', mb: 1.5 }}>
        <Typography variant="h1">Incoming</Typography>
        <Button component={RouterLink} to="/new" variant="contained">
          New case
        </Button>
      </Stack>
      <ProblemLine error={incoming.error} />
      {incoming.data?.length === 0 && (
        <Paper sx={{ p: 3 }}>
          <Typography>No case yet. Paste a canner&rsquo;s recipe under &ldquo;New case&rdquo;.</Typography>
        </Paper>
      )}
      {incoming.data && incoming.data.length > 0 && (
        <TableContainer component={Paper}>
          <Table
            size="small"
            aria-label="Cases"
            sx={{
              '& td, & th': { px: { xs: 1, md: 2 } },
              '& .wide': { display: { xs: 'none', md: 'table-cell' } },
            }}
          >
            <TableHead>
              <TableRow>
                <TableCell>Call</TableCell>
                <TableCell>Recipe</TableCell>
                <TableCell className="wide">From</TableCell>
                <TableCell className="wide">Place</TableCell>
                <TableCell>Jars</TableCell>
                <TableCell className="wide">Reply</TableCell>
                <TableCell align="right">Came in</TableCell>
              </TableRow>
            </TableHead>
            <TableBody>
              {incoming.data.map((line) => (
                <TableRow key={line.id} hover>
                  <TableCell>
                    <CallBadge call={line.call} worst={line.worstOpen} />
                  </TableCell>
                  <TableCell>
                    <Link component={RouterLink} to={`/cases/${line.id}`} sx={{ fontWeight: 600 }}>
                      {line.title}
                    </Link>
                  </TableCell>
                  <TableCell className="wide">{line.cannerName || 'not given'}</TableCell>
                  <TableCell className="wide">
                    {line.place || (line.altitudeFt == null ? 'not given' : '')}
                    {line.altitudeFt != null && ` ${line.place ? '· ' : ''}${feet(line.altitudeFt)}`}
                  </TableCell>
                  <TableCell>
                    <Jars line={line} />
                  </TableCell>
                  <TableCell className="wide">{line.replied ? 'draft saved' : 'none yet'}</TableCell>
                  <TableCell align="right" sx={{ whiteSpace: 'nowrap' }}>
                    {age(line.createdAt)} ago
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
