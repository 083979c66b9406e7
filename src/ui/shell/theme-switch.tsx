'use client';

import { say } from '@/core/words/say';
import DarkModeOutlined from '@mui/icons-material/DarkModeOutlined';
import LightModeOutlined from '@mui/icons-material/LightModeOutlined';
import IconButton from '@mui/material/IconButton';
import Tooltip from '@mui/material/Tooltip';
import { useColorScheme } from '@mui/material/styles';
import { useHydrated } from '../parts/use-hydrated';

/** Light for the day, dark for early mornings; follows the device until it is touched. */
export function ThemeSwitch() {
  const { mode, systemMode, setMode } = useColorScheme();
  const hydrated = useHydrated();
  const isDark = hydrated && (mode === 'system' ? systemMode : mode) === 'dark';
  const label = isDark ? say`Light theme` : say`Dark theme`;
  return (
    <Tooltip title={label}>
      <IconButton
        aria-label={label}
        onClick={() => setMode(isDark ? 'light' : 'dark')}
        sx={{ color: 'inherit', width: 44, height: 44 }}
      >
        {isDark ? <LightModeOutlined /> : <DarkModeOutlined />}
      </IconButton>
    </Tooltip>
  );
}
