import { Box, Typography } from '@mui/material';
import { cloth, green } from '../../theme/theme';

interface Props {
  title: string;
  rows: { name: string; count: number; note?: string }[];
}

/** Counts as bars with their figures; the longest fills the line. */
export function Bars({ title, rows }: Props) {
  const most = Math.max(1, ...rows.map((r) => r.count));
  return (
    <Box component="section" aria-label={title} sx={{ breakInside: 'avoid' }}>
      <Typography variant="h2" sx={{ mb: 0.5 }}>
        {title}
      </Typography>
      {rows.length === 0 && <Typography sx={{ color: 'text.secondary' }}>None.</Typography>}
      {rows.map((r) => (
        <Box
          key={r.name}
          sx={{
            display: 'grid',
            gridTemplateColumns: '150px 1fr 44px',
            gap: 1,
            alignItems: 'center',
            py: 0.25,
          }}
        >
          <Box sx={{ lineHeight: 1.2 }}>
            {r.name}
            {r.note && (
              <Box component="span" sx={{ display: 'block', fontSize: '0.82rem', color: 'text.secondary' }}>
                {r.note}
              </Box>
            )}
          </Box>
          <Box aria-hidden="true" sx={{ backgroundColor: cloth, height: 14 }}>
            <Box
              sx={{
                backgroundColor: green,
                height: 14,
                width: `${(100 * r.count) / most}%`,
                printColorAdjust: 'exact',
              }}
            />
          </Box>
          <Box sx={{ textAlign: 'right', fontWeight: 600 }}>{r.count.toLocaleString('en-US')}</Box>
        </Box>
      ))}
    </Box>
  );
}
