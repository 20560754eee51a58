import { createTheme } from '@mui/material/styles'

/** One of several to choose from, in a menu or a list. */
const CHOICE = {
  minHeight: 44,
  borderRadius: 3,
  fontSize: '1.0625rem',
  whiteSpace: 'normal',
  '&.Mui-selected, &.Mui-selected:hover': { background: 'var(--tide-wash)', fontWeight: 650 },
  '&:hover, &.Mui-focusVisible': { background: 'var(--paper-deep)' },
} as const

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
    MuiButtonBase: { defaultProps: { disableRipple: true }, styleOverrides: { root: { font: 'inherit' } } },
    MuiButton: {
      defaultProps: { disableElevation: true },
      styleOverrides: {
        root: { minHeight: 44, padding: '6px 16px', borderRadius: 4, lineHeight: 1.2 },
        // A word that does something.
        text: {
          minWidth: 0,
          padding: 0,
          color: 'inherit',
          fontWeight: 'inherit',
          fontSize: 'inherit',
          lineHeight: 'inherit',
          justifyContent: 'flex-start',
          textAlign: 'left',
          textDecoration: 'underline',
          textDecorationColor: 'var(--tide)',
          textDecorationThickness: 2,
          textUnderlineOffset: '0.28em',
          '&:hover': {
            background: 'none',
            textDecoration: 'underline',
            textDecorationThickness: 4,
            textDecorationColor: 'var(--tide)',
          },
          '&.Mui-disabled': { color: 'var(--ink-soft)', textDecoration: 'none', opacity: 0.65 },
        },
        outlined: {
          border: '1.5px solid var(--ink)',
          color: 'var(--ink)',
          '&:hover': { background: 'var(--paper-deep)' },
        },
      },
    },
    // A line to write on.
    MuiInputBase: {
      styleOverrides: {
        root: {
          minHeight: 44,
          fontSize: 'inherit',
          lineHeight: 'inherit',
          color: 'inherit',
          background: 'var(--paper-deep)',
          borderBottom: '2px solid var(--ink-soft)',
          borderRadius: '3px 3px 0 0',
          '&.Mui-focused': { borderBottomColor: 'var(--tide)' },
          '&.MuiInputBase-multiline': { padding: '8px 0' },
        },
        input: { height: 'auto', padding: '6px 10px', font: 'inherit' },
      },
    },
    MuiNativeSelect: {
      styleOverrides: {
        select: { padding: '6px 34px 6px 10px', font: 'inherit', '&:focus': { background: 'none' } },
        icon: { color: 'var(--ink-soft)', right: 6 },
      },
    },
    MuiCheckbox: {
      defaultProps: { disableRipple: true },
      styleOverrides: { root: { padding: 10, color: 'var(--ink-soft)', '&.Mui-checked': { color: 'var(--tide)' } } },
    },
    MuiRadio: {
      defaultProps: { disableRipple: true },
      styleOverrides: { root: { padding: 10, color: 'var(--ink-soft)', '&.Mui-checked': { color: 'var(--tide)' } } },
    },
    // One of a few, all in sight.
    MuiToggleButtonGroup: { styleOverrides: { root: { flexWrap: 'wrap' } } },
    MuiToggleButton: {
      defaultProps: { disableRipple: true },
      styleOverrides: {
        root: {
          minWidth: 44,
          minHeight: 44,
          padding: '4px 12px',
          border: '1.5px solid var(--line)',
          color: 'var(--ink)',
          fontSize: '1rem',
          fontWeight: 400,
          textTransform: 'none',
          '&.Mui-selected, &.Mui-selected:hover': {
            color: 'var(--ink)',
            background: 'var(--tide-wash)',
            fontWeight: 650,
          },
        },
      },
    },
    MuiLinearProgress: {
      styleOverrides: {
        root: { height: 5, borderRadius: 0, background: 'var(--paper-deep)' },
        bar: { background: 'var(--tide)' },
      },
    },
    MuiSnackbarContent: {
      styleOverrides: {
        root: {
          fontSize: '1rem',
          color: 'var(--paper)',
          background: 'var(--ink)',
          borderRadius: 4,
          boxShadow: 'none',
        },
      },
    },
    MuiPopover: {
      styleOverrides: {
        paper: {
          border: '1.5px solid var(--ink)',
          borderRadius: 4,
          boxShadow: 'none',
          color: 'var(--ink)',
          background: 'var(--paper)',
          backgroundImage: 'none',
          marginTop: 6,
        },
      },
    },
    MuiMenu: { defaultProps: { transitionDuration: 0 }, styleOverrides: { list: { padding: 4 } } },
    MuiMenuItem: { styleOverrides: { root: CHOICE } },
    MuiListItemButton: { styleOverrides: { root: { ...CHOICE, flexGrow: 0, padding: '6px 16px' } } },
    MuiTooltip: {
      styleOverrides: { tooltip: { background: 'var(--ink)', color: 'var(--paper)', fontSize: '0.9375rem' } },
    },
  },
})
