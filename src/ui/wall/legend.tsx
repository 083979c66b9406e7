import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import type { SystemStyleObject } from '@mui/system';
import { ALL_PLACES, PLACES } from '@/core/kinds/places';
import { placeBackground } from '../ladder/places';

/** What the colours and textures say. */
export function Legend({ climbs, planned }: { climbs: boolean; planned: string }) {
  return (
    <Box
      sx={{
        display: 'flex',
        flexWrap: 'wrap',
        gap: 2,
        alignItems: 'center',
        px: 2,
        py: 0.75,
        borderTop: '1px solid var(--zl-line)',
        fontSize: 12.5,
        color: 'var(--zl-muted)',
      }}
    >
      <Item name={say`hands`} sx={{ background: 'var(--zl-zest)', border: '1px solid var(--zl-zestEdge)' }} />
      {ALL_PLACES.map((p) => (
        <Item key={p} name={PLACES[p].name} sx={placeBackground(p)} />
      ))}
      <Item
        name={say`shelves there are`}
        sx={{ borderLeft: '2px dashed var(--zl-misses)', borderRadius: 0, width: 6 }}
      />
      <Box
        title={planned}
        sx={{
          flex: '1 1 80px',
          minWidth: 0,
          textAlign: 'right',
          whiteSpace: 'nowrap',
          overflow: 'hidden',
          textOverflow: 'ellipsis',
        }}
      >
        {planned}
      </Box>
      <Box>
        {climbs
          ? say`left rail: the cake · right: its parts · time climbs`
          : say`left rail: the cake · right: its parts · time falls`}
      </Box>
    </Box>
  );
}

function Item({ name, sx }: { name: string; sx: SystemStyleObject }) {
  return (
    <Box component="span" sx={{ display: 'inline-flex', alignItems: 'center', gap: 0.75 }}>
      <Box component="span" aria-hidden sx={[{ width: 20, height: 12, borderRadius: '3px' }, sx]} />
      {name}
    </Box>
  );
}
