import { alone } from './jest.config.mjs';

/** The tests beside the code that is being changed, for mutants: `MUTANTS` names the folder of the core. */
const config = { ...alone, roots: [`<rootDir>/src/core/${process.env.MUTANTS}`], testTimeout: 120_000 };

export default config;
