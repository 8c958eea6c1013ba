import { Box, Button, Paper, Typography } from '@mui/material';
import type { Answer, Question } from '../../api/client';
import { tones } from '../../theme/theme';
import { SeverityMark } from '../../ui/SeverityMark';
import { callWord, toneOf } from '../../ui/words';

interface Props {
  question: Question;
  busy: boolean;
  onAnswer: (answer: Answer) => void;
  /** for words that were not understood: they do not matter */
  onIgnore?: (evidence: Question['evidence'][number]) => void;
}

/** A question, with what the call becomes for each likely answer. */
export function QuestionCard({ question, busy, onAnswer, onIgnore }: Props) {
  const words = question.code === 'ask.unread' ? question.evidence[0] : undefined;
  return (
    <Paper
      component="article"
      sx={{ p: 1.5, mb: 1.25, borderLeft: `5px solid ${tones.ask}`, breakInside: 'avoid' }}
    >
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'baseline' }}>
        <SeverityMark tone="ask" />
        <Typography sx={{ fontWeight: 600, flex: 1 }}>{question.text}</Typography>
      </Box>
      {question.answers.length > 0 && (
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75, mt: 1 }}>
          {question.answers.map((answer) => (
            <Button
              key={answer.value}
              size="small"
              variant="outlined"
              disabled={busy}
              onClick={() => onAnswer(answer)}
              sx={{ justifyContent: 'flex-start', textAlign: 'left' }}
            >
              {answer.answer}
              <Box component="span" sx={{ ml: 1, color: tones[toneOf(answer.call)], whiteSpace: 'nowrap' }}>
                <SeverityMark tone={toneOf(answer.call)} size={12} />{' '}
                {(callWord[answer.call] ?? '').toLowerCase()}
              </Box>
            </Button>
          ))}
        </Box>
      )}
      {words && onIgnore && (
        <Button
          size="small"
          variant="outlined"
          className="no-print"
          disabled={busy}
          sx={{ mt: 1 }}
          onClick={() => onIgnore(words)}
        >
          It does not matter
        </Button>
      )}
      {question.couldBecome.length > 0 && (
        <Typography sx={{ mt: 0.75, fontSize: '0.87rem', color: 'text.secondary' }}>
          could become {question.couldBecome.join(', ')}
        </Typography>
      )}
    </Paper>
  );
}
