import { Box, Typography } from '@mui/material';
import type { Review } from '../../api/client';
import { ink, tones } from '../../theme/theme';
import { inches } from '../../ui/words';

/** Inside height from rim to floor and outer width, in inches; regular threaded jars, nominal. */
const jars: Record<string, { height: number; width: number; label: string }> = {
  'quarter-pint': { height: 2.1, width: 2.4, label: 'quarter-pint' },
  'half-pint': { height: 3.5, width: 2.7, label: 'half-pint' },
  '12-oz': { height: 4.8, width: 2.7, label: '12-oz jar' },
  pint: { height: 5, width: 3, label: 'pint' },
  'pint-and-half': { height: 6.4, width: 3.2, label: '1½-pint' },
  quart: { height: 6.75, width: 3.6, label: 'quart' },
  'half-gallon': { height: 8.7, width: 4.4, label: 'half-gallon' },
};
const HEIGHT_PX = 190;
const TOP = 22;
const LEFT = 14;

/** One jar to scale, with the headspace stated and the headspace tested. */
export function JarPicture({ review }: { review: Review }) {
  const required = review.required;
  if (!required || required.headspaceIn == null) {
    return null;
  }
  const jar = jars[required.jar] ?? jars.pint;
  if (!jar) {
    return null;
  }
  const scale = HEIGHT_PX / jar.height;
  const width = jar.width * scale;
  const neck = Math.min(2.75 * scale, width);
  const inset = (width - neck) / 2;
  const shoulder = 1.1 * scale;
  const bottom = TOP + HEIGHT_PX;
  const right = LEFT + width;
  const outline = `M${LEFT + inset} ${TOP} V${TOP + shoulder * 0.55} C${LEFT + inset} ${TOP + shoulder} ${LEFT} ${TOP + shoulder} ${LEFT} ${TOP + shoulder * 1.5} V${bottom - 8} Q${LEFT} ${bottom} ${LEFT + 10} ${bottom} H${right - 10} Q${right} ${bottom} ${right} ${bottom - 8} V${TOP + shoulder * 1.5} C${right} ${TOP + shoulder} ${right - inset} ${TOP + shoulder} ${right - inset} ${TOP + shoulder * 0.55} V${TOP} Z`;
  const tested = TOP + required.headspaceIn * scale;
  const least = review.stated.headspaceLeastIn;
  const most = review.stated.headspaceMostIn;
  const middle = least == null || most == null ? null : (least + most) / 2;
  const level = middle == null ? tested : TOP + middle * scale;
  const same = middle != null && Math.abs(middle - required.headspaceIn) < 0.12;
  const labelX = right + 8;
  const testedLabel = same || middle == null || level > tested ? tested : Math.max(tested, level + 34);
  const statedLabel = middle == null ? 0 : level > tested ? Math.max(level, tested + 34) : level;
  const description =
    middle == null
      ? `No headspace stated; ${inches(required.headspaceIn)} is tested.`
      : `Headspace stated ${inches(middle)}, tested ${inches(required.headspaceIn)}.`;
  return (
    <Box component="figure" sx={{ m: 0 }}>
      <Typography variant="h3" component="figcaption">
        Headspace, {jar.label}
      </Typography>
      <svg
        viewBox={`0 0 ${right + 110} ${bottom + 8}`}
        width="100%"
        style={{ maxWidth: 300 }}
        role="img"
        aria-label={description}
      >
        <defs>
          <clipPath id="jar-inside">
            <path d={outline} />
          </clipPath>
        </defs>
        <rect
          x={LEFT}
          y={level}
          width={width}
          height={bottom - level}
          fill={middle == null ? '#efe6cf' : '#e3c99a'}
          clipPath="url(#jar-inside)"
        />
        <path d={outline} fill="none" stroke={ink} strokeWidth="1.6" />
        {[0.18, 0.36, 0.54].map((t) => (
          <line
            key={t}
            x1={LEFT + inset}
            x2={right - inset}
            y1={TOP + t * scale}
            y2={TOP + t * scale}
            stroke={ink}
            strokeOpacity="0.25"
          />
        ))}
        <line x1={LEFT - 6} x2={labelX - 4} y1={tested} y2={tested} stroke={tones.met} strokeWidth="2" />
        <text x={labelX} y={testedLabel + 4} fill={tones.met} fontSize="14" fontWeight="600">
          tested
          <tspan x={labelX} dy="15">
            {inches(required.headspaceIn)}
          </tspan>
        </text>
        {middle != null && !same && (
          <>
            <line
              x1={LEFT - 6}
              x2={labelX - 4}
              y1={level}
              y2={level}
              stroke={tones.danger}
              strokeWidth="2"
              strokeDasharray="5 3"
            />
            <text x={labelX} y={statedLabel + 4} fill={tones.danger} fontSize="14" fontWeight="600">
              stated
              <tspan x={labelX} dy="15">
                {inches(middle)}
              </tspan>
            </text>
          </>
        )}
        <line x1={LEFT + inset - 4} x2={right - inset + 4} y1={TOP} y2={TOP} stroke={ink} strokeWidth="3" />
        <text x={LEFT + width / 2} y={TOP - 8} textAnchor="middle" fontSize="12" fill={ink}>
          rim
        </text>
      </svg>
      <Typography sx={{ fontSize: '0.9rem' }}>{same ? 'Stated as tested.' : description}</Typography>
    </Box>
  );
}
