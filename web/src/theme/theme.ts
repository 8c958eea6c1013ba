import { createTheme } from '@mui/material/styles';

export const ink = '#1f2a2c';
export const paper = '#fdfaf2';
export const cloth = '#e9e4d6';
export const rule = '#c9c0aa';
export const green = '#24504a';

/** Severity and call colours, each at least 4.5:1 on paper. */
export const tones = {
  danger: '#9c1c2c',
  correct: '#8a4b08',
  caution: '#6b5a00',
  note: '#3d5a80',
  met: '#2b6a45',
  ask: '#5b3f8c',
} as const;
export type Tone = keyof typeof tones;

export const serif = '"Source Serif 4", Georgia, serif';
const sans = '"Source Sans 3", system-ui, sans-serif';

export const theme = createTheme({
  palette: {
    mode: 'light',
    primary: { main: green },
    secondary: { main: tones.ask },
    error: { main: tones.danger },
    background: { default: cloth, paper },
    text: { primary: ink, secondary: '#4a5554' },
    divider: rule,
  },
  shape: { borderRadius: 4 },
  typography: {
    fontFamily: sans,
    fontSize: 13.5,
    h1: { fontFamily: serif, fontSize: '1.5rem', fontWeight: 600 },
    h2: { fontFamily: serif, fontSize: '1.2rem', fontWeight: 600 },
    h3: { fontSize: '1rem', fontWeight: 600 },
    button: { textTransform: 'none', fontWeight: 600 },
  },
  components: {
    MuiPaper: { defaultProps: { elevation: 0 }, styleOverrides: { root: { border: `1px solid ${rule}` } } },
    MuiButton: { defaultProps: { disableElevation: true } },
    MuiCssBaseline: {
      styleOverrides: {
        body: { fontVariantNumeric: 'tabular-nums' },
        '@page': { margin: '14mm' },
        '@media print': {
          'figure, svg, table': { breakInside: 'avoid' },
          'h2, h3': { breakAfter: 'avoid' },
          body: { background: '#fff' },
          '.no-print': { display: 'none !important' },
        },
      },
    },
  },
});
