import { existsSync, readdirSync, statSync } from 'node:fs';
import path from 'node:path';

/** Is there no build, or is something newer than it? Tests and what serves them are in no build. */
export function staleBuild() {
  if (!existsSync('.next/BUILD_ID')) return true;
  const built = statSync('.next/BUILD_ID').mtimeMs;
  const newer = (file) => {
    const stat = statSync(file);
    if (stat.isDirectory())
      return path.basename(file) !== 'testing' && readdirSync(file).some((name) => newer(path.join(file, name)));
    return !/\.(test|template)\.tsx?$|\.md$/.test(file) && stat.mtimeMs > built;
  };
  return ['src', 'package.json', 'package-lock.json', 'next.config.ts', 'tsconfig.json'].some(newer);
}
