import { Box } from '@mui/material';
import { useLayoutEffect, useRef } from 'react';
import type { Review } from '../../api/client';
import { paper, rule, serif, tones } from '../../theme/theme';
import { severityWord, toneOf } from '../../ui/words';
import { segments, type Numbered } from './annotate';

interface Props {
  review: Review;
  numbered: Numbered[];
  active: number | null;
  onActivate: (number: number) => void;
}

/** Ruled lines under the words: double, thick, dashed, dotted by severity. */
const underline: Record<string, string> = {
  danger: '4px double',
  correct: '3px solid',
  caution: '2px dashed',
  note: '2px dotted',
};

/** Pixels; half a line. */
const SAME_LINE = 12;

/** Numbers that fall on one line stand side by side instead of on top of each other. */
function spreadNumbers(page: HTMLElement) {
  const lines: { top: number; marks: number }[] = [];
  // from the last one, which stands at the edge, so that they read from left to right
  [...page.querySelectorAll<HTMLElement>('[data-margin]')].reverse().forEach((mark) => {
    mark.style.right = '';
    let line = lines.find((l) => Math.abs(l.top - mark.offsetTop) < SAME_LINE);
    if (!line) {
      line = { top: mark.offsetTop, marks: 0 };
      lines.push(line);
    }
    mark.style.right = `${8 + line.marks * 30}px`;
    line.marks += 1;
  });
}

/** The canner's own words as a page, with numbered marks in the margin. */
export function AnnotatedText({ review, numbered, active, onActivate }: Props) {
  const page = useRef<HTMLDivElement>(null);
  const severity = new Map(numbered.map((n) => [n.number, n.finding.severity]));
  useLayoutEffect(() => {
    const element = page.current;
    if (!element) {
      return;
    }
    spreadNumbers(element);
    const watch = new ResizeObserver(() => spreadNumbers(element));
    watch.observe(element);
    return () => watch.disconnect();
  }, [numbered]);

  const worst = (numbers: number[]) =>
    numbers
      .map((n) => severity.get(n) ?? 'note')
      .reduce((a, b) => (Object.keys(underline).indexOf(a) <= Object.keys(underline).indexOf(b) ? a : b));

  return (
    <Box
      ref={page}
      role="region"
      aria-label="The canner's text, annotated"
      sx={{
        position: 'relative',
        backgroundColor: paper,
        border: `1px solid ${rule}`,
        borderTop: `3px double ${rule}`,
        fontFamily: serif,
        fontSize: '1rem',
        lineHeight: 1.6,
        whiteSpace: 'pre-wrap',
        overflowWrap: 'anywhere',
        p: { xs: 2, md: 2.5 },
        pr: { xs: 9, md: 11 },
        '&::after': {
          content: '""',
          position: 'absolute',
          top: 0,
          bottom: 0,
          right: { xs: 60, md: 76 },
          borderRight: `1px solid ${tones.danger}55`,
        },
        // on paper the lines break elsewhere: the numbers stand behind their words
        '@media print': { pr: 2.5, '&::after': { display: 'none' } },
      }}
    >
      {segments(review, numbered).map((s) => {
        if (s.numbers.length === 0) {
          return s.unread ? (
            <Box
              component="mark"
              key={s.start}
              title="Not understood; could matter"
              sx={{
                color: 'inherit',
                backgroundColor: '#ece3f5',
                outline: `1px solid ${tones.ask}`,
                px: 0.25,
              }}
            >
              {s.text}
            </Box>
          ) : (
            <span key={s.start}>{s.text}</span>
          );
        }
        const grave = worst(s.numbers);
        const color = tones[toneOf(grave)];
        const first = s.numbers[0] ?? 1;
        const lit = active !== null && s.numbers.includes(active);
        return (
          <span key={s.start}>
            <Box
              component="mark"
              id={`mark-${first}`}
              data-numbers={s.numbers.join(' ')}
              onMouseEnter={() => onActivate(first)}
              onClick={() => onActivate(first)}
              sx={{
                color: 'inherit',
                cursor: 'pointer',
                backgroundColor: lit ? '#f6e3a8' : 'transparent',
                borderBottom: `${underline[grave]} ${color}`,
                scrollMargin: '120px',
              }}
            >
              {s.text}
            </Box>
            {s.anchors.map((n) => (
              <MarginNumber
                key={n}
                n={n}
                severity={severity.get(n) ?? 'note'}
                lit={n === active}
                onActivate={onActivate}
              />
            ))}
          </span>
        );
      })}
    </Box>
  );
}

interface NumberProps {
  n: number;
  severity: string;
  lit: boolean;
  onActivate: (number: number) => void;
}

function MarginNumber({ n, severity, lit, onActivate }: NumberProps) {
  const color = tones[toneOf(severity)];
  return (
    <Box
      component="button"
      type="button"
      data-margin={n}
      aria-label={`Finding ${n}, ${severityWord[severity] ?? severity}`}
      aria-pressed={lit}
      onClick={() => onActivate(n)}
      sx={{
        position: 'absolute',
        right: 8,
        zIndex: 1,
        minWidth: 28,
        height: 26,
        mt: '1px',
        p: 0,
        border: 0,
        borderBottom: `3px solid ${color}`,
        background: lit ? '#f6e3a8' : 'transparent',
        color,
        font: `700 1rem ${serif}`,
        cursor: 'pointer',
        '&:focus-visible': { outline: `2px solid ${color}` },
        '@media print': {
          position: 'static',
          minWidth: 0,
          height: 'auto',
          ml: '2px',
          border: 0,
          fontSize: '0.72rem',
          verticalAlign: 'super',
        },
      }}
    >
      {n}
    </Box>
  );
}
