import { Box, Paper, Table, TableBody, TableCell, TableHead, TableRow, Typography } from '@mui/material';
import type { Review } from '../../api/client';
import { tones, type Tone } from '../../theme/theme';
import { SeverityMark } from '../../ui/SeverityMark';
import { fraction } from '../../ui/words';

const words: Record<string, string> = {
  same: 'the same',
  close: 'close enough',
  more: 'more',
  less: 'less',
  'left-out': 'left out',
  added: 'not in the tested recipe',
  aside: 'poured off',
  'not-compared': 'not compared',
};

function tone(verdict: string, free: boolean): Tone {
  if (verdict === 'same' || verdict === 'close') {
    return 'met';
  }
  if (free || verdict === 'aside') {
    return 'note';
  }
  return verdict === 'not-compared' ? 'ask' : 'correct';
}

function difference(cups: number | null, percent: number | null): string {
  if (cups == null) {
    return '';
  }
  const sign = cups > 0 ? '+' : '−';
  const size = Math.abs(cups) < 1 / 16 ? '' : `${sign}${fraction(Math.abs(cups))} cup`;
  const share = percent == null || Math.abs(percent) < 0.5 ? '' : `${sign}${Math.abs(Math.round(percent))} %`;
  return [size, share].filter(Boolean).join(', ');
}

/** The canner's recipe beside its tested relative, scaled to the same produce. */
export function Sheet({ review }: { review: Review }) {
  const sheet = review.sheet;
  if (!sheet) {
    return null;
  }
  return (
    <Paper sx={{ mt: 1.5, overflowX: 'auto' }}>
      <Box sx={{ p: 2, pb: 0.5 }}>
        <Typography variant="h2">Beside {sheet.name}</Typography>
        <Typography sx={{ color: 'text.secondary' }}>
          {sheet.scale > 0
            ? Math.abs(sheet.scale - 1) < 0.01
              ? 'One tested batch takes the same produce.'
              : `The tested recipe, ${sheet.scale.toLocaleString('en-US', { maximumFractionDigits: 2 })} times, for the same produce.`
            : 'Nothing measured can be compared; the tested recipe stands as it is.'}
        </Typography>
      </Box>
      <Table size="small" aria-label="The recipe beside its tested relative">
        <TableHead>
          <TableRow>
            <TableCell>In the canner&rsquo;s words</TableCell>
            <TableCell>Tested, for the same produce</TableCell>
            <TableCell align="right">Difference</TableCell>
            <TableCell>So</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {sheet.lines.map((l, n) => {
            const t = tone(l.verdict, l.free);
            return (
              <TableRow key={n}>
                <TableCell>{l.stated ?? '—'}</TableCell>
                <TableCell>
                  {l.tested == null ? (
                    '—'
                  ) : (
                    <>
                      {l.scaled && <strong>{l.scaled}</strong>}{' '}
                      {l.tested.replace(/^\S+ \S+ /, l.scaled ? '' : '$&')}
                    </>
                  )}
                </TableCell>
                <TableCell align="right" sx={{ whiteSpace: 'nowrap', fontWeight: 600 }}>
                  {difference(l.cups, l.percent)}
                </TableCell>
                <TableCell sx={{ color: tones[t], whiteSpace: 'nowrap', fontWeight: 600 }}>
                  <SeverityMark tone={t} size={12} /> {words[l.verdict]}
                  {l.free && l.verdict !== 'same' && l.verdict !== 'aside' && ', may be changed'}
                </TableCell>
              </TableRow>
            );
          })}
        </TableBody>
      </Table>
      {sheet.variations.length > 0 && (
        <Box sx={{ p: 2, pt: 1 }}>
          <Typography variant="h3">Accepted variations</Typography>
          <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
            {sheet.variations.map((v) => (
              <li key={v}>{v}</li>
            ))}
          </Box>
        </Box>
      )}
    </Paper>
  );
}
