/** Lets Node.js itself read the TypeScript of tests that share a process. */
import { register } from 'tsx/esm/api';

register();
