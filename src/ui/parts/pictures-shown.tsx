'use client';

import Box from '@mui/material/Box';
import Dialog from '@mui/material/Dialog';
import { useState } from 'react';
import { say } from '@/core/words/say';
import { useInKitchen } from '../kitchens/in-kitchen';

/** A picture that a customer brought. */
export interface PictureShown {
  id: number;
  words: string;
}

/** Pictures small, in a row; touched, one fills the window. They are asked for only where they are seen. */
export function PicturesShown({ pictures, height = 84 }: { pictures: readonly PictureShown[]; height?: number }) {
  const within = useInKitchen();
  const [large, setLarge] = useState<PictureShown | null>(null);
  if (pictures.length === 0) return null;
  const named = (p: PictureShown) => p.words || say`Picture`;
  const address = (p: PictureShown) => within(`/api/pictures/${p.id}`);
  return (
    <Box component="ul" aria-label={say`Pictures`} sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', m: 0, p: 0 }}>
      {pictures.map((p) => (
        <Box key={p.id} component="li" sx={{ listStyle: 'none' }}>
          <Box
            component="button"
            type="button"
            aria-label={say`${named(p)}, larger`}
            onClick={() => setLarge(p)}
            sx={{
              p: 0,
              border: '1px solid var(--zl-line)',
              borderRadius: 1,
              bgcolor: 'transparent',
              cursor: 'pointer',
            }}
          >
            {/* eslint-disable-next-line @next/next/no-img-element -- it is the kitchen's own, and scaled down already */}
            <img src={address(p)} alt="" loading="lazy" style={{ display: 'block', height, borderRadius: 4 }} />
          </Box>
        </Box>
      ))}
      {large && (
        <Dialog open onClose={() => setLarge(null)} maxWidth="lg" aria-label={named(large)}>
          <Box
            component="button"
            type="button"
            aria-label={say`Close`}
            onClick={() => setLarge(null)}
            sx={{ p: 0, border: 0 }}
          >
            {/* eslint-disable-next-line @next/next/no-img-element -- as above */}
            <img
              src={address(large)}
              alt={named(large)}
              style={{ display: 'block', maxWidth: '92vw', maxHeight: '86vh' }}
            />
          </Box>
        </Dialog>
      )}
    </Box>
  );
}
