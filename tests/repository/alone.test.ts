import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';

/** Made here, or brought from elsewhere. */
const NOT_OURS = new Set(['node_modules', '.next', '.git', 'data', 'test-results', 'playwright-report', 'coverage']);

/** Every text that a clone brings along. */
function textsIn(folder: string): string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const file = path.join(folder, entry.name);
    if (entry.isDirectory()) return folder === '.' && NOT_OURS.has(entry.name) ? [] : textsIn(file);
    return /\.(ts|tsx|mjs|json|md|css|sql|sh)$|^\.ci\/|^\.npmrc$/.test(file) ? [file] : [];
  });
}

const files = textsIn('.').filter(
  (f) => f !== 'package-lock.json' && f !== path.join('tests', 'repository', 'alone.test.ts'),
);

/** Paths in a text that climb above the root, read from the file's own folder. */
function pathsOutside(file: string, text: string): string[] {
  return [...text.matchAll(/(?:\.\.\/)+[\w@.-]+(?:\/[\w@.-]+)*/g)]
    .map((m) => m[0])
    .filter((p) => [path.dirname(file), '.'].every((folder) => path.normalize(path.join(folder, p)).startsWith('..')));
}

describe('a clone stands alone', () => {
  it('has files to look at', () => expect(files.length).toBeGreaterThan(300));

  it('finds a path that leads out', () => {
    const out = ['..', '..', '..', 'beside', 'it.mjs'].join('/');
    expect(pathsOutside('src/core/a.ts', `import x from '${out}'`)).toEqual([out]);
    expect(pathsOutside('src/core/a.ts', "import x from '../data/it'")).toEqual([]);
  });

  it.each(files)('%s names nothing outside it', (file) => {
    const text = readFileSync(file, 'utf8');
    expect(pathsOutside(file, text)).toEqual([]);
    expect(text).not.toMatch(/\b(?:registry\.npmjs|registry\.yarnpkg)\b/);
    expect(text).not.toMatch(/(?:^|[\s"'`(])\/(?:work|home|root|Users)\/\w/m);
  });
});
