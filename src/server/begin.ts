import { database } from '../data/database';
import { hasKitchen, loadDemo } from './demo';

/** Opens the database before the first page, and loads the demo where it was asked for. */
export async function begin(): Promise<void> {
  try {
    await database();
    if (process.env.ZEST_DEMO === '1' && !(await hasKitchen())) await loadDemo();
  } catch (error) {
    // A server that lives on without its data would answer every page with an error.
    console.error(error instanceof Error ? error.message : error);
    process.exit(1);
  }
}
