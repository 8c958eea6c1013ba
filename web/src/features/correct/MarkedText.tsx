import { Box, Paper } from '@mui/material';
import type { Piece } from '../../api/client';
import { serif, tones } from '../../theme/theme';

/** The canner's text with what is struck and what is put in; each told apart by its line as well as its colour. */
export function MarkedText({ pieces }: { pieces: Piece[] }) {
  return (
    <Paper
      component="section"
      aria-label="The recipe as corrected"
      sx={{
        p: 2.5,
        whiteSpace: 'pre-wrap',
        overflowWrap: 'anywhere',
        font: `400 1.08rem/1.65 ${serif}`,
        '& del': { color: tones.danger, textDecoration: 'line-through', textDecorationThickness: '1.5px' },
        '& ins': {
          color: tones.met,
          fontWeight: 600,
          textDecoration: 'underline',
          textDecorationStyle: 'double',
          textUnderlineOffset: '3px',
        },
      }}
    >
      {pieces.map((p, n) => {
        if (p.mark === 'struck') {
          return <del key={n}>{p.text}</del>;
        }
        if (p.mark === 'added') {
          return (
            <Box component="ins" key={n}>
              {pieces[n - 1]?.mark === 'struck' ? ` ${p.text}` : p.text}
            </Box>
          );
        }
        return <span key={n}>{n === 0 ? p.text.trimStart() : p.text}</span>;
      })}
    </Paper>
  );
}
