import type { FileContents } from '@/server/kitchen/kitchen-file';
import type { Result } from '@/server/shared/result';

interface Asked {
  do: 'look' | 'make' | 'take';
  into?: string | undefined;
  anchor?: string | undefined;
  sections?: string[];
  replace?: string[];
}

/** What comes of it: what is in the file, the kitchen that it became, or how much of it was taken. */
export type FileAnswer = Result<{ found?: FileContents; kitchen?: string; taken?: number }>;

/** Sends a kitchen file as it is. Throws where nothing answers. */
export async function sendKitchenFile(file: File, { sections, replace, ...asked }: Asked): Promise<FileAnswer> {
  const query = new URLSearchParams(Object.entries(asked).filter((x): x is [string, string] => x[1] !== undefined));
  if (sections) query.set('sections', sections.join(','));
  if (replace) query.set('replace', replace.join(','));
  const response = await fetch(`/api/kitchen-file?${query.toString()}`, {
    method: 'POST',
    headers: { 'content-type': 'application/octet-stream' },
    body: file,
  });
  return (await response.json()) as FileAnswer;
}
