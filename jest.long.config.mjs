import { alone } from './jest.config.mjs';

/** Long proofs, against the built application: hostile requests, kills, full disks. Each has a server and a folder of its own: two at once. */
const config = { ...alone, roots: ['<rootDir>/tests/long'], testTimeout: 1_200_000, maxWorkers: 2 };

export default config;
