'use client';

import { say } from '@/core/words/say';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { kitchenPath } from '@/addresses';
import { loadDemoAction } from '../actions';
import { useAction } from '../parts/use-action';

/** Loads the demo kitchen and goes there. */
export function LoadDemo() {
  const router = useRouter();
  const load = useAction();
  const run = async () => {
    const loaded = await loadDemoAction();
    if (loaded.ok) router.push(kitchenPath(loaded.kitchen, '/'));
    return loaded;
  };
  return (
    <>
      <Button variant="contained" size="large" disabled={load.busy} onClick={() => load.run(run)}>
        {load.busy ? say`Loading and planning…` : say`Load the demo kitchen`}
      </Button>
      {load.message}
    </>
  );
}
