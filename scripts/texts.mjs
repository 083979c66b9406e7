import { execSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import ts from 'typescript';

/** All texts that the program says, sorted, as a catalogue has them: every template with the tag `say` in the code. */
export function textsOfTheCode() {
  const texts = new Set();
  const files = execSync('git ls-files --cached --others --exclude-standard src', { encoding: 'utf8' }).split('\n');
  for (const file of files.filter((f) => /\.tsx?$/.test(f) && !/\.test\.tsx?$/.test(f))) {
    const code = readFileSync(file, 'utf8');
    if (!code.includes('say`')) continue;
    const look = (node) => {
      if (ts.isTaggedTemplateExpression(node) && node.tag.getText() === 'say') texts.add(textOf(node.template));
      ts.forEachChild(node, look);
    };
    look(ts.createSourceFile(file, code, ts.ScriptTarget.Latest, true));
  }
  return [...texts].sort((a, b) => (a < b ? -1 : 1));
}

const textOf = (template) =>
  ts.isNoSubstitutionTemplateLiteral(template)
    ? template.text
    : template.templateSpans.reduce((text, span, i) => `${text}{${i}}${span.literal.text}`, template.head.text);
