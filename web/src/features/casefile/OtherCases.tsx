import { Box, Link, Typography } from '@mui/material';
import { Link as RouterLink } from 'react-router';
import type { OtherCase } from '../../api/client';
import { CallBadge } from '../../ui/CallBadge';
import { when } from '../../ui/words';

/** A few other cases, each on a line of its own. */
export function OtherCases({ title, cases, none }: { title: string; cases: OtherCase[]; none: string }) {
  return (
    <Box sx={{ mb: 1.5 }}>
      <Typography variant="h3">{title}</Typography>
      {cases.length === 0 && <Typography sx={{ color: 'text.secondary' }}>{none}</Typography>}
      {cases.map((c) => (
        <Box key={c.id} sx={{ display: 'flex', gap: 1, alignItems: 'baseline', flexWrap: 'wrap' }}>
          <CallBadge call={c.call} worst={c.call} />
          <Link component={RouterLink} to={`/cases/${c.id}${c.answerId ? '/reply' : ''}`}>
            {c.title}
          </Link>
          <Box component="span" sx={{ color: 'text.secondary', fontSize: '0.9rem' }}>
            {c.cannerName || 'name not given'}, {when(c.at)}
            {c.answerId ? ', answered' : ''}
            {c.shared > 0 && `, ${c.shared} finding${c.shared > 1 ? 's' : ''} alike`}
          </Box>
        </Box>
      ))}
    </Box>
  );
}
