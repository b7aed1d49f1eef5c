import { configureFonts, MD3DarkTheme, MD3LightTheme, useTheme, type MD3Theme } from 'react-native-paper';
import { day, lights, type Colours } from './colours';
import { faces } from './faces';
import { textScale } from './textScale';

export type ThemeName = 'day' | 'lights';
export type Theme = MD3Theme & { own: Colours };

const heading = (fontSize: number, lineHeight: number) => ({
  fontFamily: faces.heading,
  fontSize: fontSize * textScale,
  lineHeight: lineHeight * textScale,
  letterSpacing: 0.2,
});
const body = (fontSize: number, lineHeight: number, fontFamily: string = faces.text) => ({
  fontFamily,
  fontSize: fontSize * textScale,
  lineHeight: lineHeight * textScale,
  letterSpacing: 0,
});

const variants = configureFonts({
  config: {
    displaySmall: heading(40, 44),
    headlineLarge: heading(34, 38),
    headlineMedium: heading(28, 32),
    headlineSmall: heading(24, 28),
    titleLarge: heading(22, 26),
    titleMedium: heading(19, 24),
    titleSmall: heading(16, 20),
    bodyLarge: body(17, 24),
    bodyMedium: body(15, 21),
    bodySmall: body(14, 19),
    labelLarge: body(16, 20, faces.bold),
    labelMedium: body(14, 18, faces.bold),
    labelSmall: body(13, 16, faces.bold),
  },
});

/** Text of no variant reads like `bodyMedium`. */
const fonts = { ...variants, default: { ...variants.default, ...body(15, 21) } };

function made(base: MD3Theme, own: Colours): Theme {
  return {
    ...base,
    roundness: 2,
    fonts,
    own,
    colors: {
      ...base.colors,
      primary: own.dusk,
      onPrimary: own.onDusk,
      primaryContainer: own.sunk,
      onPrimaryContainer: own.ink,
      secondary: own.grass,
      secondaryContainer: own.sunk,
      onSecondaryContainer: own.ink,
      background: own.ground,
      onBackground: own.ink,
      surface: own.surface,
      onSurface: own.ink,
      surfaceVariant: own.sunk,
      onSurfaceVariant: own.inkSoft,
      outline: own.line,
      outlineVariant: own.line,
      error: own.clay,
      onError: own.onDusk,
      elevation: { ...base.colors.elevation, level1: own.surface, level2: own.surface, level3: own.surface },
    },
  };
}

export const themes: Record<ThemeName, Theme> = {
  day: made(MD3LightTheme, day),
  lights: made(MD3DarkTheme, lights),
};

export const useColours = (): Colours => useTheme<Theme>().own;
