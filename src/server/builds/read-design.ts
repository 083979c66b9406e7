import type { Design } from '../../core/design/design';
import { designCodec } from '../../core/stored/design';
import { say } from '../../core/words/say';

/** Format and version under which a design is sent back. */
export function documentOf(design: Design): { format: string; version: number } {
  const { format, version } = designCodec.write(design);
  return { format, version };
}

/** A design as it was sent, or what is wrong with it in words. */
export function readDesign(text: string): Design | string {
  let sent: unknown;
  try {
    sent = JSON.parse(text);
  } catch {
    return say`This cake cannot be read.`;
  }
  const read = designCodec.read(sent);
  if (read.ok) return read.value;
  const [first] = read.problems;
  return say`This cake cannot be read: ${first!.path}: ${first!.message}`;
}
