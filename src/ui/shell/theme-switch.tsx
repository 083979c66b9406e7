'use client';

import { say } from '@/core/words/say';
import DarkModeOutlined from '@mui/icons-material/DarkModeOutlined';
import LightModeOutlined from '@mui/icons-material/LightModeOutlined';
import { useColorScheme } from '@mui/material/styles';
import { useHydrated } from '../parts/use-hydrated';

/** Light for the day, dark for early mornings; follows the device until it is touched. */
export function ThemeSwitch() {
  const { mode, systemMode, setMode } = useColorScheme();
  const hydrated = useHydrated();
  const isDark = hydrated && (mode === 'system' ? systemMode : mode) === 'dark';
  const label = isDark ? say`Light theme` : say`Dark theme`;
  return (
    <button
      type="button"
      className="zl-bar-tool"
      aria-label={label}
      title={label}
      onClick={() => setMode(isDark ? 'light' : 'dark')}
    >
      {isDark ? <LightModeOutlined /> : <DarkModeOutlined />}
    </button>
  );
}
