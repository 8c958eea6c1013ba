import { Typography } from '@mui/material';
import { tones } from '../../theme/theme';
import { usePresence } from './queries';

/** Who else has this case open now. */
export function Presence({ id, room }: { id: string; room: 'REVIEW' | 'REPLY' }) {
  const present = usePresence(id, room);
  if (!present.data?.length) {
    return null;
  }
  return (
    <Typography className="no-print" role="status" sx={{ color: tones.ask, fontWeight: 600 }}>
      {present.data
        .map((p) => `${p.person} ${p.room === 'REPLY' ? 'is at the reply' : 'is reading this'} too`)
        .join('; ')}
    </Typography>
  );
}
