import { Box, Link, Paper, Typography } from '@mui/material';
import { Link as RouterLink } from 'react-router';
import { forwardRef, type ReactNode } from 'react';
import type { Finding } from '../../api/client';
import { rule, serif, tones } from '../../theme/theme';
import { SeverityMark } from '../../ui/SeverityMark';
import { checkPage } from '../catalogue/page';
import { figureName, figureValue, proofWord, severityWord, toneOf } from '../../ui/words';

interface Props {
  number: number | null;
  finding: Finding;
  active: boolean;
  onActivate: () => void;
  /** What the desk did about it. */
  aside?: ReactNode;
}

interface Pair {
  name: string;
  stated: unknown;
  required: unknown;
}

/** Puts stated and required figures of the same name side by side. */
function pairs(figures: Finding['figures']): Pair[] {
  const found: Pair[] = [];
  for (const [key, stated] of Object.entries(figures)) {
    if (!key.startsWith('stated')) {
      continue;
    }
    const rest = key.slice('stated'.length);
    const required = figures[`required${rest}`] ?? figures[`tested${rest}`] ?? figures[`family${rest}`];
    if (required !== undefined) {
      found.push({ name: figureName(rest), stated, required });
    }
  }
  return found;
}

function difference(pair: Pair): string | null {
  if (typeof pair.stated !== 'number' || typeof pair.required !== 'number' || pair.stated === pair.required) {
    return null;
  }
  const by = pair.stated - pair.required;
  return `${by > 0 ? '+' : '−'}${figureValue(Math.abs(Math.round(by * 100) / 100), pair.name)}`;
}

export const FindingCard = forwardRef<HTMLDivElement, Props>(function FindingCard(
  { number, finding, active, onActivate, aside },
  ref,
) {
  const tone = toneOf(finding.severity);
  const compared = pairs(finding.figures);
  return (
    <Paper
      ref={ref}
      component="article"
      tabIndex={0}
      aria-label={`${number === null ? '' : `Finding ${number}: `}${finding.title}`}
      onMouseEnter={onActivate}
      onFocus={onActivate}
      onClick={onActivate}
      sx={{
        p: 1.5,
        mb: 1.25,
        borderLeft: `5px solid ${tones[tone]}`,
        backgroundColor: active ? '#fbf0cd' : 'background.paper',
        scrollMargin: '80px',
        breakInside: 'avoid',
      }}
    >
      <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 1 }}>
        {number !== null && (
          <Box component="span" sx={{ font: `700 1.15rem ${serif}`, color: tones[tone], minWidth: 22 }}>
            {number}
          </Box>
        )}
        <Typography variant="h3" sx={{ flex: 1 }}>
          {finding.title}
        </Typography>
        <Box
          component="span"
          sx={{ color: tones[tone], fontWeight: 700, fontSize: '0.9rem', whiteSpace: 'nowrap' }}
        >
          <SeverityMark tone={tone} /> {severityWord[finding.severity]}
        </Box>
      </Box>
      <Typography sx={{ mt: 0.5 }}>{finding.why}</Typography>
      {compared.length > 0 && (
        <Box
          component="table"
          sx={{
            mt: 1,
            borderCollapse: 'collapse',
            width: '100%',
            '& td, & th': {
              borderBottom: `1px solid ${rule}`,
              px: 1,
              py: 0.25,
              textAlign: 'left',
              fontWeight: 400,
            },
            '& td': { fontWeight: 600 },
          }}
        >
          <thead>
            <tr>
              <th scope="col">stated</th>
              <th scope="col">required</th>
              <th scope="col">
                <span aria-label="difference">±</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {compared.map((p) => (
              <tr key={p.name}>
                <td>
                  {figureValue(p.stated, p.name)} {typeof p.stated === 'number' && p.name}
                </td>
                <td>
                  {figureValue(p.required, p.name)} {typeof p.required === 'number' && p.name}
                </td>
                <td>{difference(p) ?? ''}</td>
              </tr>
            ))}
          </tbody>
        </Box>
      )}
      {finding.correction && (
        <Typography sx={{ mt: 1, pl: 1.25, borderLeft: `3px double ${tones.met}` }}>
          <Box component="span" sx={{ fontWeight: 700, color: tones.met }}>
            Correction:{' '}
          </Box>
          {finding.correction.text}
        </Typography>
      )}
      {aside}
      <Typography sx={{ mt: 1, fontSize: '0.87rem', color: 'text.secondary' }}>
        {finding.source.title}, {finding.source.edition}
        {finding.source.place && `, ${finding.source.place}`} · {proofWord[finding.source.proof]} ·{' '}
        <Link component={RouterLink} to={checkPage(finding.code)} sx={{ color: 'inherit' }}>
          {finding.code}
        </Link>
      </Typography>
    </Paper>
  );
});
