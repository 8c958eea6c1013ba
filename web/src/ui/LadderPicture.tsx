import { Box, Typography } from '@mui/material';
import type { Rung } from '../api/client';
import { ink, paper, rule, tones } from '../theme/theme';
import { feet } from './words';

const WIDTH = 300;
const RUNG = 40;
const TOP = 8;
const LABEL = 92;

function band(from: number, to: number | null): string {
  return to == null
    ? `over ${(from - 1).toLocaleString('en-US')}`
    : `${from.toLocaleString('en-US')}–${to.toLocaleString('en-US')}`;
}

interface Props {
  title: string;
  ladder: Rung[];
  pressure: boolean;
  altitudeFt: number | null;
  stated: number | null;
}

/** A tested row by altitude, this kitchen's rung lit, a stated figure as an upright line across all rungs. */
export function LadderPicture({ title, ladder, pressure, altitudeFt, stated }: Props) {
  const rungs = ladder.filter((r) => !pressure || r.psi != null).toReversed();
  const value = (r: (typeof rungs)[number]) => (pressure ? (r.psi ?? 0) : r.minutes);
  const unit = pressure ? 'psi' : 'min';
  const highest = Math.max(...rungs.map(value), stated ?? 0) * 1.12;
  const x = (v: number) => LABEL + (v / highest) * (WIDTH - LABEL - 48);
  const bottom = TOP + rungs.length * RUNG;
  const here = rungs.find((r) => r.here);
  const short = stated != null && here != null && stated < value(here);
  const description = `${rungs
    .map((r) => `${band(r.fromFt, r.toFt)} ft: ${value(r)} ${unit}`)
    .join(
      '; ',
    )}.${altitudeFt == null ? ' Altitude not known.' : ` This kitchen: ${feet(altitudeFt)}.`}${stated == null ? '' : ` Stated: ${stated} ${unit}.`}`;
  return (
    <Box component="figure" sx={{ m: 0 }}>
      <Typography variant="h3" component="figcaption">
        {title}
      </Typography>
      <svg
        viewBox={`0 0 ${WIDTH} ${bottom + 30}`}
        width="100%"
        style={{ maxWidth: 340 }}
        role="img"
        aria-label={description}
      >
        {rungs.map((r, i) => {
          const y = TOP + i * RUNG;
          return (
            <g key={r.fromFt}>
              {r.here && <rect x="0" y={y + 1} width={WIDTH} height={RUNG - 2} fill="#fbf0cd" />}
              <text x="4" y={y + 18} fontSize="12.5" fill={ink} fontWeight={r.here ? 700 : 400}>
                {band(r.fromFt, r.toFt)} ft
              </text>
              {r.here && altitudeFt != null && (
                <text x="4" y={y + 33} fontSize="11.5" fill={ink}>
                  here: {feet(altitudeFt)}
                </text>
              )}
              <line
                x1={LABEL}
                x2={x(value(r))}
                y1={y + RUNG / 2}
                y2={y + RUNG / 2}
                stroke={r.here ? tones.met : rule}
                strokeWidth={r.here ? 9 : 6}
              />
            </g>
          );
        })}
        <line x1={LABEL} x2={LABEL} y1={TOP} y2={bottom} stroke={ink} />
        {stated != null && (
          <>
            <line
              x1={x(stated)}
              x2={x(stated)}
              y1={TOP}
              y2={bottom + 6}
              stroke={short ? tones.danger : ink}
              strokeWidth="2"
              strokeDasharray="5 3"
            />
            <text
              x={Math.min(x(stated), WIDTH - 44)}
              y={bottom + 22}
              textAnchor="middle"
              fontSize="13"
              fontWeight="600"
              fill={short ? tones.danger : ink}
            >
              stated {stated} {unit}
            </text>
          </>
        )}
        {rungs.map((r, i) => (
          <text
            key={r.fromFt}
            x={x(value(r)) + 6}
            y={TOP + i * RUNG + RUNG / 2 + 5}
            stroke={r.here ? '#fbf0cd' : paper}
            strokeWidth="4"
            paintOrder="stroke"
            fontSize="14"
            fontWeight={r.here ? 700 : 400}
            fill={ink}
          >
            {value(r)} {unit}
          </text>
        ))}
      </svg>
      {altitudeFt == null && (
        <Typography sx={{ fontSize: '0.9rem' }}>Nobody said where: the whole row counts.</Typography>
      )}
    </Box>
  );
}
