import all from './jest.config.mjs';

/** The tests beside the code that is being changed, for mutants: `MUTANTS` names the folder of the core. */
const config = { ...all, roots: [`<rootDir>/src/core/${process.env.MUTANTS}`] };

export default config;
