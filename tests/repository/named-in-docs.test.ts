import { existsSync, readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';

const NOT_OURS = new Set(['node_modules', '.next', '.git', 'data', 'reports', 'test-results', 'playwright-report']);

function filesIn(folder: string): string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const file = path.posix.join(folder, entry.name);
    if (entry.isDirectory()) return folder === '.' && NOT_OURS.has(entry.name) ? [] : filesIn(file);
    return [file];
  });
}

const files = filesIn('.');
/** Files and folders, by their whole path. */
const there = new Set(files.flatMap((f) => f.split('/').map((_, i, parts) => parts.slice(0, i + 1).join('/'))));
const names = new Set(files.map((f) => path.posix.basename(f)));
/** What says how things are now; the changelog says how they were. */
const documents = files.filter((f) => f.endsWith('.md') && f !== 'CHANGELOG.md');
const words = new Set(
  files
    .filter((f) => /\.(ts|tsx|mjs|cjs|css|sql)$/.test(f))
    .flatMap((f) => readFileSync(f, 'utf8').match(/[A-Za-z_$][\w$]*/g) ?? []),
);

/** Named in the documents, and not in the repository: folders of a kitchen's own, and what lies in its files. */
const ELSEWHERE = new Set(['data/kitchen', 'kitchen.json']);
const isPath = (code: string) =>
  /^[\w@.[\]()…-]+(\/[\w@.[\]()…-]+)*\/?$/.test(code) &&
  (/\w\//.test(code) || /^[\w@.-]*\w\.(ts|tsx|mjs|cjs|json|css|sql)$/.test(code));
const isSymbol = (code: string) => /^[a-z]\w*[A-Z]\w*(\(\))?$|^[A-Z]\w*[a-z]\w*$/.test(code);

/** What a document names that is not there: by its whole path, from its own folder, from `src` or the core; a bare name wherever it lies. */
function missing(document: string): string[] {
  const text = readFileSync(document, 'utf8').replace(/```[\s\S]*?```/g, '');
  const from = (root: string, to: string) => path.posix.join(root, to).replace(/\/$/, '');
  const found = (to: string) =>
    [path.posix.dirname(document), '.', 'src', 'src/core'].some((root) => there.has(from(root, to))) ||
    (!to.includes('/') && names.has(to));
  const codes = [...text.matchAll(/`([^`\n]+)`/g)].map((m) => m[1]!);
  const links = [...text.matchAll(/\]\(([^)#]+)(?:#[^)]*)?\)/g)].map((m) => m[1]!).filter((l) => !l.startsWith('http'));
  return [
    ...codes.filter((c) => isPath(c) && !ELSEWHERE.has(c) && !found(c)),
    ...codes.filter((c) => isSymbol(c) && !words.has(c.replace('()', ''))),
    ...links.filter((l) => !existsSync(path.join(path.dirname(document), l))),
  ];
}

describe('what the documents name', () => {
  it('has documents to read', () => expect(documents.length).toBeGreaterThan(60));
  it.each(documents)('of %s is there', (document) => expect(missing(document)).toEqual([]));
});
