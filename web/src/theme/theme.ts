import { createTheme, type Theme } from '@mui/material/styles';
import { DARK, LIGHT } from './tokens';

export const SERIF = "'Source Serif 4 Variable', Georgia, serif";
export const SANS = "'Source Sans 3 Variable', 'Helvetica Neue', Arial, sans-serif";
export const MONO = "'Source Code Pro Variable', Menlo, monospace";

/** Material UI in Haveld's dress: square, ruled, no shadows, no capitals. */
export function createHaveldTheme(mode: 'light' | 'dark'): Theme {
  const t = mode === 'light' ? LIGHT : DARK;
  return createTheme({
    palette: {
      mode,
      // no darker shade under the pointer: on the dark paper it would be too weak for the words on it
      primary: { main: t.petrol, dark: t.petrol, contrastText: t.onPetrol },
      warning: { main: t.saffron },
      error: { main: t.brick },
      success: { main: t.moss },
      background: { default: t.paper, paper: t.sheet },
      text: { primary: t.ink, secondary: t.quiet },
      divider: t.rule,
    },
    shape: { borderRadius: 2 },
    shadows: Array.from({ length: 25 }, () => 'none') as unknown as Theme['shadows'],
    typography: {
      fontFamily: SANS,
      fontSize: 14,
      body1: { fontSize: 14 },
      body2: { fontSize: 13 },
      button: { fontSize: 14, textTransform: 'none', fontWeight: 600, letterSpacing: 0 },
    },
    components: {
      MuiInputBase: { styleOverrides: { root: { fontSize: 14 } } },
      MuiButtonBase: { defaultProps: { disableRipple: true } },
      MuiButton: {
        defaultProps: { disableElevation: true },
        styleOverrides: {
          root: {
            transition: 'none',
            padding: '7px 14px',
            lineHeight: 1.25,
            minWidth: 0,
            '&:focus-visible': { outline: `2px solid ${t.petrol}`, outlineOffset: 2 },
          },
          outlined: { borderColor: t.petrol, background: t.sheet, color: t.petrol },
          text: {
            padding: '4px 6px',
            textDecoration: 'underline',
            textUnderlineOffset: 3,
            '&:hover': { textDecoration: 'underline' },
          },
          sizeSmall: { padding: '4px 10px' },
        },
      },
      MuiOutlinedInput: {
        styleOverrides: {
          root: { background: t.sheet },
          input: { padding: '8px 10px' },
          notchedOutline: { borderColor: t.rule },
          multiline: { padding: 0 },
        },
      },
      MuiInputLabel: {
        defaultProps: { shrink: true },
        styleOverrides: {
          root: { position: 'static', transform: 'none', fontSize: 13, color: t.quiet, marginBottom: 3 },
        },
      },
      // under its field, from the same line on
      MuiFormHelperText: { styleOverrides: { root: { marginLeft: 0, marginRight: 0 } } },
      MuiFormControl: { styleOverrides: { root: { '& legend': { display: 'none' }, '& fieldset': { top: 0 } } } },
      MuiPaper: { styleOverrides: { root: { backgroundImage: 'none', border: `1px solid ${t.rule}` } } },
      MuiMenuItem: {
        styleOverrides: { root: { fontSize: 14, minHeight: 34, gap: 12, justifyContent: 'space-between' } },
      },
      MuiDialog: {
        // what is asked for is there at once
        defaultProps: { transitionDuration: 0 },
        styleOverrides: { paper: { background: t.paper } },
      },
      MuiTooltip: { styleOverrides: { tooltip: { background: t.ink, color: t.paper, fontSize: 12.5 } } },
      MuiCheckbox: { styleOverrides: { root: { padding: 4 } } },
    },
  });
}
