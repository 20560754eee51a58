import { createTheme } from '@mui/material/styles'

/**
 * MUI as this product wears it: colours are the custom properties of tokens.css, so that light and dark are one theme
 * and drawings and controls share them.
 */
export const theme = createTheme({
  cssVariables: { nativeColor: true },
  palette: {
    primary: { main: 'var(--tide)', contrastText: 'var(--paper)' },
    error: { main: 'var(--clay)' },
    background: { default: 'var(--paper)', paper: 'var(--paper)' },
    text: { primary: 'var(--ink)', secondary: 'var(--ink-soft)' },
    divider: 'var(--line)',
  },
  shape: { borderRadius: 4 },
  typography: {
    fontFamily: 'var(--font)',
    fontSize: 16,
    button: { textTransform: 'none', fontWeight: 650, fontSize: '1rem' },
  },
  components: {
    MuiButtonBase: { defaultProps: { disableRipple: true } },
    MuiButton: {
      defaultProps: { disableElevation: true },
      styleOverrides: {
        root: { minHeight: 44, padding: '6px 16px', borderRadius: 4, lineHeight: 1.2 },
        outlined: {
          border: '1.5px solid var(--ink)',
          color: 'var(--ink)',
          '&:hover': { background: 'var(--paper-deep)' },
        },
      },
    },
    MuiMenu: {
      defaultProps: { transitionDuration: 0 },
      styleOverrides: {
        paper: {
          border: '1.5px solid var(--ink)',
          borderRadius: 4,
          boxShadow: 'none',
          background: 'var(--paper)',
          backgroundImage: 'none',
          marginTop: 6,
        },
        list: { padding: 4 },
      },
    },
    MuiMenuItem: {
      styleOverrides: {
        root: {
          minHeight: 44,
          borderRadius: 3,
          fontSize: '1.0625rem',
          whiteSpace: 'normal',
          '&.Mui-selected, &.Mui-selected:hover': { background: 'var(--tide-wash)', fontWeight: 650 },
          '&:hover, &.Mui-focusVisible': { background: 'var(--paper-deep)' },
        },
      },
    },
    MuiTooltip: {
      styleOverrides: { tooltip: { background: 'var(--ink)', color: 'var(--paper)', fontSize: '0.9375rem' } },
    },
  },
})
