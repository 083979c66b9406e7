import { shipped, starterFile } from './starter';
import demo from './demo.json' with { type: 'json' };

/** The demo kitchen as a whole: its own file, with the starter library as its library. */
export const demoFile = shipped({ ...starterFile, ...demo });
