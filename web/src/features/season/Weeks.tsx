import { Box, Typography } from '@mui/material';
import { useLayoutEffect, useRef } from 'react';
import type { Season } from '../../api/client';
import { green, ink, rule, tones } from '../../theme/theme';

const HEIGHT = 150;
const LEFT = 34;

/** Letters and telephone calls by week. */
export function Weeks({ weeks }: { weeks: Season['weeks'] }) {
  const strip = useRef<HTMLDivElement>(null);
  // where there is no room for all of them, the latest weeks are the ones to see
  useLayoutEffect(() => {
    strip.current?.scrollTo({ left: strip.current.scrollWidth });
  }, [weeks]);
  const most = Math.max(1, ...weeks.map((w) => w.letters + w.calls));
  const step = Math.max(14, Math.min(44, 620 / Math.max(1, weeks.length)));
  const width = LEFT + step * weeks.length + 8;
  const y = (n: number) => HEIGHT - (n / most) * (HEIGHT - 14);
  const every = Math.ceil(weeks.length / 9);
  return (
    <Box component="section" aria-label="By week">
      <Typography variant="h2">By week</Typography>
      <Box ref={strip} sx={{ overflowX: 'auto', '@media print': { maxWidth: 500 } }}>
        <svg
          role="img"
          aria-label={weeks
            .map((w) => `week of ${w.monday}: ${w.letters} letters, ${w.calls} calls`)
            .join('; ')}
          viewBox={`0 0 ${width} ${HEIGHT + 34}`}
          style={{ width: '100%', minWidth: Math.min(width, 480), maxWidth: width * 1.1, display: 'block' }}
        >
          {[0, most].map((n) => (
            <g key={n}>
              <line x1={LEFT} x2={width} y1={y(n)} y2={y(n)} stroke={rule} />
              <text x={LEFT - 5} y={y(n) + 4} textAnchor="end" fontSize={11} fill={ink}>
                {n}
              </text>
            </g>
          ))}
          {weeks.map((w, n) => (
            <g key={w.monday}>
              <rect
                x={LEFT + n * step + 3}
                width={step - 6}
                y={y(w.letters)}
                height={HEIGHT - y(w.letters)}
                fill={green}
              />
              <rect
                x={LEFT + n * step + 3}
                width={step - 6}
                y={y(w.letters + w.calls)}
                height={y(w.letters) - y(w.letters + w.calls)}
                fill="#fff"
                stroke={tones.ask}
                strokeWidth={w.calls > 0 ? 1.5 : 0}
              />
              {n % every === 0 && (
                <text
                  x={LEFT + n * step + step / 2}
                  y={HEIGHT + 16}
                  textAnchor="middle"
                  fontSize={11}
                  fill={ink}
                >
                  {new Date(`${w.monday}T12:00`).toLocaleDateString('en-US', {
                    month: 'short',
                    day: 'numeric',
                  })}
                </text>
              )}
            </g>
          ))}
        </svg>
      </Box>
      <Typography sx={{ fontSize: '0.9rem', color: 'text.secondary' }}>
        Filled: letters. Outlined: telephone calls.
      </Typography>
    </Box>
  );
}
