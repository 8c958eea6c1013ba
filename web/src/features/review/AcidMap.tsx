import { Box, Typography } from '@mui/material';
import type { Review } from '../../api/client';
import { ink, paper, rule, tones } from '../../theme/theme';
import { frame, mapWords } from './acidMap';

const WIDTH = 300;
const HEIGHT = 240;
const LEFT = 36;
const BOTTOM = 44;
const TOP = 26;
const RIGHT = 10;

/** Five or so round steps up to a figure. */
function steps(to: number): number[] {
  const rough = to / 4;
  const size = [0.25, 0.5, 1, 2, 5, 10, 20, 50].find((s) => s >= rough) ?? 100;
  return Array.from({ length: Math.floor(to / size) + 1 }, (_, i) => i * size);
}

/** Every tested recipe of the family as a dot, and this recipe among them. To the right and down is less sour. */
export function AcidMap({ review, before }: { review: Review; before?: Review['acidMap'] }) {
  const map = review.acidMap;
  if (!map) {
    return null;
  }
  const f = frame(map, before?.mine);
  const x = (ratio: number) => LEFT + (Math.min(ratio, f.ratio) / f.ratio) * (WIDTH - LEFT - RIGHT);
  const y = (percent: number) => HEIGHT - BOTTOM - (percent / f.percent) * (HEIGHT - BOTTOM - TOP);
  const mx = x(map.mine.ratio);
  const my = y(map.mine.percent);
  const right = mx > WIDTH / 2;
  const moved =
    before && (before.mine.ratio !== map.mine.ratio || before.mine.percent !== map.mine.percent)
      ? before.mine
      : null;
  return (
    <Box component="figure" sx={{ m: 0 }}>
      <Typography variant="h3" component="figcaption">
        Acid among the tested {map.family} recipes
      </Typography>
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        width="100%"
        style={{ maxWidth: 340 }}
        role="img"
        aria-label={mapWords(map)}
      >
        {steps(f.ratio).map((v) => (
          <g key={`x${v}`}>
            <line x1={x(v)} x2={x(v)} y1={TOP} y2={HEIGHT - BOTTOM} stroke={rule} strokeWidth="0.6" />
            <text x={x(v)} y={HEIGHT - BOTTOM + 16} fontSize="13" fill={ink} textAnchor="middle">
              {v}
            </text>
          </g>
        ))}
        {steps(f.percent).map((v) => (
          <g key={`y${v}`}>
            <line x1={LEFT} x2={WIDTH - RIGHT} y1={y(v)} y2={y(v)} stroke={rule} strokeWidth="0.6" />
            <text x={LEFT - 5} y={y(v) + 4} fontSize="13" fill={ink} textAnchor="end">
              {v}
            </text>
          </g>
        ))}
        <text x={(LEFT + WIDTH) / 2} y={HEIGHT - 8} fontSize="13.5" fill={ink} textAnchor="middle">
          cups of vegetables to a cup of acid →
        </text>
        <text x={2} y={14} fontSize="13.5" fill={ink}>
          ↑ % acid in the {map.brine ? 'brine' : 'whole jar'}
        </text>
        {map.tested.map((d) => {
          const placed = d.id === review.placed.recipe;
          return (
            <circle
              key={d.id}
              cx={x(d.ratio)}
              cy={y(d.percent)}
              r={placed ? 5.5 : 4}
              fill={placed ? tones.met : paper}
              stroke={tones.met}
              strokeWidth="1.5"
            >
              <title>{d.name}</title>
            </circle>
          );
        })}
        {moved && (
          <g>
            <line
              x1={x(moved.ratio)}
              y1={y(moved.percent)}
              x2={mx}
              y2={my}
              stroke={tones.danger}
              strokeWidth="1.2"
              strokeDasharray="4 3"
            />
            <rect
              x={x(moved.ratio) - 4.5}
              y={y(moved.percent) - 4.5}
              width="9"
              height="9"
              transform={`rotate(45 ${x(moved.ratio)} ${y(moved.percent)})`}
              fill={paper}
              stroke={tones.danger}
            >
              <title>as it came</title>
            </rect>
          </g>
        )}
        <rect
          x={mx - 5.5}
          y={my - 5.5}
          width="11"
          height="11"
          transform={`rotate(45 ${mx} ${my})`}
          fill={tones.danger}
          stroke={paper}
        />
        <text
          x={right ? mx - 11 : mx + 11}
          y={Math.min(my + 18, HEIGHT - BOTTOM - 4)}
          fontSize="13.5"
          fontWeight="700"
          fill={tones.danger}
          textAnchor={right ? 'end' : 'start'}
        >
          this recipe{f.beyond ? ` (${map.mine.ratio}) →` : ''}
        </text>
      </svg>
      <Typography sx={{ fontSize: '0.85rem', color: 'text.secondary' }}>
        Right and down is less sour. Filled: the recipe it is held against. A place among the dots proves
        nothing.
      </Typography>
    </Box>
  );
}
