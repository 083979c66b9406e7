import { alone } from './jest.config.mjs';

/** Long proofs, against the built application: hostile requests, kills, full disks. One after the other: their times and memory are looked at. */
const config = { ...alone, roots: ['<rootDir>/tests/long'], testTimeout: 1_200_000 };

export default config;
