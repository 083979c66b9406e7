'use client';

import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/bricolage-grotesque';
import { AppRouterCacheProvider } from '@mui/material-nextjs/v16-appRouter';
import CssBaseline from '@mui/material/CssBaseline';
import GlobalStyles from '@mui/material/GlobalStyles';
import { ThemeProvider } from '@mui/material/styles';
import { useState, type ReactNode } from 'react';
import { cssVariables, dark, light } from './palette';
import { headingFont, lightVariables, textFont, theme } from './theme';

/** Paper is white, whatever the screen: all colours are those of the light theme. */
const onPaper = Object.fromEntries(
  Object.entries({ ...lightVariables(), ...cssVariables(light), 'color-scheme': 'light' }).map(([name, value]) => [
    name,
    `${value} !important`,
  ]),
);

export function Providers({ nonce, children }: { nonce: string | undefined; children: ReactNode }) {
  // The page was allowed its styles under its first nonce; a refresh brings another.
  const [first] = useState(nonce);
  return (
    <AppRouterCacheProvider options={{ enableCssLayer: true, ...(first === undefined ? {} : { nonce: first }) }}>
      <ThemeProvider theme={theme} defaultMode="system">
        <CssBaseline />
        <GlobalStyles
          styles={{
            ':root': { '--zl-text': textFont, '--zl-heading': headingFont },
            ':root, [data-theme="light"]': cssVariables(light),
            '[data-theme="dark"]': { ...cssVariables(dark), colorScheme: 'dark' },
            '@media print': { ':root, [data-theme]': onPaper },
          }}
        />
        {children}
      </ThemeProvider>
    </AppRouterCacheProvider>
  );
}
