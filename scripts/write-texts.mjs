import { writeFileSync } from 'node:fs';
import { textsOfTheCode } from './texts.mjs';

const texts = textsOfTheCode();
writeFileSync('src/core/words/texts.json', `${JSON.stringify(texts, null, 2)}\n`);
console.log(`${texts.length} texts in src/core/words/texts.json.`);
