import path from 'node:path';
import ts from 'typescript';

/** The files that the production build type-checks. */
function filesOfBuild(): string[] {
  const { config } = ts.readConfigFile('tsconfig.build.json', ts.sys.readFile);
  return ts.parseJsonConfigFileContent(config, ts.sys, path.resolve('.')).fileNames.map((f) => path.relative('.', f));
}

describe('the production build', () => {
  const files = filesOfBuild();
  it('checks the application', () => {
    expect(files).toContain(path.join('src', 'server', 'begin.ts'));
    expect(files.length).toBeGreaterThan(200);
  });
  it('neither includes nor checks tests and what serves them', () =>
    expect(files.filter((f) => /\.test\.tsx?$|[\\/]testing[\\/]|^tests|^cli/.test(f))).toEqual([]));
});
