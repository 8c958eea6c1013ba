import { Box, Button, Typography } from '@mui/material';
import { useEffect, useState } from 'react';
import type { Language } from '../../api/client';
import { tones } from '../../theme/theme';
import { useReadability } from './queries';

interface Props {
  letter: string;
  language: Language;
  onShow: (start: number, end: number) => void;
}

/** Years of school the letter asks for, live, and the sentences that pull it up. */
export function Grade({ letter, language, onShow }: Props) {
  const [settled, setSettled] = useState(letter);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(letter), 400);
    return () => clearTimeout(timer);
  }, [letter]);
  const read = useReadability(settled, language);
  if (!read.data) {
    return null;
  }
  const { grade, aim, hardest } = read.data;
  return (
    <Box className="no-print" role="status" aria-label="Reading grade" sx={{ mt: 1 }}>
      <Typography component="span" sx={{ color: grade <= aim ? tones.met : tones.correct, fontWeight: 600 }}>
        Reads at grade {grade.toFixed(1)}
      </Typography>{' '}
      <Typography component="span" sx={{ color: 'text.secondary' }}>
        ({aim} or lower is wanted;{' '}
        {language === 'ES' ? 'measured by Crawford, for Spanish' : 'measured by Flesch and Kincaid'})
      </Typography>
      {settled === letter &&
        grade > aim &&
        hardest.map((h) => (
          <Button
            key={h.start}
            size="small"
            sx={{ display: 'block', textAlign: 'left', py: 0 }}
            onClick={() => onShow(h.start, h.end)}
          >
            Hard: {letter.slice(h.start, Math.min(h.end, h.start + 70))}
            {h.end - h.start > 70 && '…'}
          </Button>
        ))}
    </Box>
  );
}
