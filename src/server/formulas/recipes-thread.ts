import { Worker } from 'node:worker_threads';
import type { readRecipes, RecipesRequest } from '../../workers/read-recipes';
import { AskedThread } from '../shared/asked-thread';

const held = globalThis as unknown as { zestRecipes?: AskedThread };

/** Reads a file of recipes in a thread of its own: whatever somebody sends, nobody’s page waits for it. */
export function readRecipesInThread(request: RecipesRequest): Promise<ReturnType<typeof readRecipes>> {
  held.zestRecipes ??= new AskedThread(
    'recipes',
    () => new Worker(new URL('../../workers/recipes.thread.ts', import.meta.url)),
  );
  return held.zestRecipes.ask(request);
}
