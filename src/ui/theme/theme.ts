import type {} from '@mui/x-date-pickers/themeAugmentation';
import { createTheme } from '@mui/material/styles';
import { dark, light, type Palette } from './palette';

export const textFont = '"Atkinson Hyperlegible Next Variable", system-ui, sans-serif';
export const headingFont =
  '"Bricolage Grotesque Variable", "Atkinson Hyperlegible Next Variable", system-ui, sans-serif';

const scheme = (p: Palette) => ({
  palette: {
    primary: { main: p.zest, contrastText: p.onZest, dark: p.zestEdge },
    secondary: { main: p.ink, contrastText: p.paper },
    error: { main: p.missesText },
    warning: { main: p.tightText },
    success: { main: p.holdsText },
    background: { default: p.paper, paper: p.card },
    text: { primary: p.ink, secondary: p.muted },
    divider: p.line,
  },
});

/** MUI in our own clothes: flat, square-shouldered, ink lines, zest for what is to be pressed. */
export const theme = createTheme({
  cssVariables: { colorSchemeSelector: 'data-theme' },
  colorSchemes: { light: scheme(light), dark: scheme(dark) },
  shape: { borderRadius: 8 },
  typography: {
    fontFamily: textFont,
    fontSize: 14,
    h1: { fontFamily: headingFont, fontWeight: 700, fontSize: '1.6rem', lineHeight: 1.2 },
    h2: { fontFamily: headingFont, fontWeight: 700, fontSize: '1.15rem', lineHeight: 1.3 },
    h3: { fontFamily: headingFont, fontWeight: 600, fontSize: '1rem', lineHeight: 1.3 },
    button: { fontFamily: textFont, fontWeight: 700, textTransform: 'none' },
  },
  components: {
    MuiButtonBase: { defaultProps: { disableRipple: true } },
    MuiButton: {
      defaultProps: { disableElevation: true },
      styleOverrides: {
        root: { borderRadius: 8, minHeight: 40, borderWidth: 2, '&.MuiButton-outlined': { borderWidth: 2 } },
      },
    },
    MuiPaper: { defaultProps: { elevation: 0 }, styleOverrides: { root: { backgroundImage: 'none' } } },
    MuiChip: { styleOverrides: { root: { fontWeight: 600, borderRadius: 16 } } },
    MuiTextField: { defaultProps: { size: 'small', fullWidth: true } },
    MuiOutlinedInput: {
      styleOverrides: {
        root: {
          backgroundColor: 'var(--zl-card)',
          '&.Mui-focused .MuiOutlinedInput-notchedOutline': { borderColor: 'var(--zl-ink)' },
        },
        notchedOutline: { borderColor: 'var(--zl-muted)' },
      },
    },
    // Fields in which a day or a time is picked look like all others.
    MuiPickersOutlinedInput: {
      styleOverrides: {
        root: { backgroundColor: 'var(--zl-card)' },
        notchedOutline: { borderColor: 'var(--zl-muted)' },
      },
    },
    MuiInputLabel: { styleOverrides: { root: { '&.Mui-focused': { color: 'var(--zl-ink)' } } } },
    MuiFormLabel: { styleOverrides: { root: { '&.Mui-focused': { color: 'var(--zl-ink)' } } } },
    MuiLink: { defaultProps: { color: 'inherit' } },
    MuiTooltip: {
      styleOverrides: {
        tooltip: { fontSize: '0.85rem', backgroundColor: 'var(--zl-bar)', color: 'var(--zl-barText)' },
      },
    },
  },
});

type Variables = Record<string, string | number>;

/** The library’s own variables in the light theme. */
export function lightVariables(): Variables {
  // The types of the library do not tell of it, as they do not know that the theme is one of variables.
  const { generateStyleSheets } = theme as unknown as { generateStyleSheets: () => Record<string, Variables>[] };
  const rules = generateStyleSheets().flatMap((rule) => Object.entries(rule));
  return Object.fromEntries(rules.flatMap(([where, set]) => (where.includes('light') ? Object.entries(set) : [])));
}
