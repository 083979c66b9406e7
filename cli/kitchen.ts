/**
 * A kitchen out of a data folder, and into one, as a file of the open format. See `cli/README.md`.
 * Exit 0: done, or the file is sound; 1: it is not, or was refused; 2: a wrong argument, or something cannot be read.
 */
import { readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { parseArgs } from 'node:util';
import { serverOf, type ServerAddress } from '../src/data/folder-lock';
import { kitchenSchemaText } from '../src/core/kitchen-file/json-schema';
import { starterBlocks } from '../src/data/kitchens/starter';
import { nothingKnown, readKitchenFile } from '../src/core/kitchen-file/read';

const USAGE = `Usage: npm run kitchen -- check FILE
       npm run kitchen -- export FILE [--kitchen ID] [--parts kitchen,library,orders] [--anchor YYYY-MM-DD]
       npm run kitchen -- import FILE [--anchor YYYY-MM-DD]
       npm run kitchen -- schema
`;

const { positionals, values } = readArguments();
const [command, file] = positionals;
if (command === 'schema') {
  process.stdout.write(kitchenSchemaText());
  process.exit(0);
}
if (!file || !['check', 'export', 'import'].includes(command ?? '')) usage();

const folder = path.resolve(process.env.ZEST_DATA ?? 'data/kitchen');
const server = serverOf(folder);
process.env.ZEST_LOG ??= 'silent';

if (command === 'check') await checkFile(file!);
else if (command === 'export') await exportFile(file!);
else await importFile(file!);
process.exit(0);

function readArguments() {
  try {
    const text = { type: 'string' } as const;
    return parseArgs({ allowPositionals: true, options: { kitchen: text, parts: text, anchor: text } });
  } catch (error) {
    process.stderr.write(`${(error as Error).message}\n`);
    return usage();
  }
}

function usage(): never {
  process.stderr.write(USAGE);
  process.exit(2);
}

function bytesOf(name: string): Uint8Array {
  try {
    return readFileSync(name);
  } catch (error) {
    process.stderr.write(`${name} cannot be read: ${(error as Error).message}\n`);
    process.exit(2);
  }
}

/** Says what is wrong, a line for each place, and ends. */
function refused(message: string, fields: Record<string, string> = {}): never {
  process.stderr.write(`${message}\n`);
  for (const [place, text] of Object.entries(fields)) process.stderr.write(`  ${place}: ${text}\n`);
  process.exit(1);
}

async function checkFile(name: string): Promise<void> {
  const { openFile } = await import('../src/workers/read-kitchen-file');
  const opened = await openFile(bytesOf(name));
  if (!opened.ok) refused(opened.message);
  const read = readKitchenFile(opened.value, nothingKnown(starterBlocks));
  if (!read.ok)
    refused('This file is not sound.', Object.fromEntries(read.problems.map((p) => [p.path || 'file', p.message])));
  const counts = Object.entries(read.file).flatMap(([k, v]) => (Array.isArray(v) ? [`${v.length} ${k}`] : []));
  process.stdout.write(`${read.file.kitchen?.name ?? 'Parts of a kitchen'}: ${counts.join(', ')}.\n`);
}

async function exportFile(name: string): Promise<void> {
  const as = name.endsWith('.json') ? 'json' : 'zip';
  const content = server ? await askForFile(server, as) : await fileOfFolder(as);
  writeFileSync(name, content);
  process.stdout.write(`${name} is written.\n`);
}

async function askForFile({ address, key }: ServerAddress, as: string): Promise<Uint8Array> {
  const query = new URLSearchParams({ as, ...(values.parts && { parts: values.parts }) });
  if (values.kitchen) query.set('kitchen', values.kitchen);
  if (values.anchor) query.set('anchor', values.anchor);
  const response = await fetch(`${address}/api/kitchen-file?${query.toString()}`, {
    headers: { authorization: `Bearer ${key}` },
  });
  if (response.status === 404) refused('There is no such kitchen, or more than one: name it by --kitchen.');
  if (!response.ok) refused(((await response.json()) as { message?: string }).message ?? response.statusText);
  return new Uint8Array(await response.arrayBuffer());
}

async function fileOfFolder(as: 'zip' | 'json'): Promise<string | Uint8Array> {
  const { onlyKitchen, openKitchen } = await import('../src/server/shared/open-kitchen');
  const { exportKitchen } = await import('../src/server/kitchen/kitchen-file');
  const { PARTS } = await import('../src/data/repositories/contents');
  const db = values.kitchen ? await openKitchen(values.kitchen) : await onlyKitchen();
  if (!db) refused('There is no such kitchen, or more than one: name it by --kitchen.');
  const wanted = values.parts?.split(',');
  const parts = PARTS.filter((p) => !wanted || wanted.includes(p));
  const { content } = await exportKitchen(db, { parts, as, anchor: values.anchor ?? null });
  await (await import('../src/data/database')).closeDatabase();
  return content;
}

async function importFile(name: string): Promise<void> {
  const bytes = bytesOf(name);
  const made = server ? await sendFile(server, bytes) : await intoFolder(bytes);
  if (!made.ok) refused(made.message, made.fields);
  process.stdout.write(`It is the kitchen “${made.kitchen}” now.\n`);
}

type Made = { ok: true; kitchen: string } | { ok: false; message: string; fields?: Record<string, string> };

async function sendFile({ address, key }: ServerAddress, bytes: Uint8Array): Promise<Made> {
  const query = new URLSearchParams({ do: 'make', ...(values.anchor && { anchor: values.anchor }) });
  const response = await fetch(`${address}/api/kitchen-file?${query.toString()}`, {
    method: 'POST',
    headers: { authorization: `Bearer ${key}`, 'content-type': 'application/octet-stream' },
    body: bytes as never,
  });
  return (await response.json()) as Made;
}

/** A folder that nobody has open. What came in is planned at the next start. */
async function intoFolder(bytes: Uint8Array): Promise<Made> {
  const { importAsKitchen } = await import('../src/server/kitchen/kitchen-file');
  const { readFile } = await import('../src/workers/read-kitchen-file');
  const made = await importAsKitchen(bytes, values.anchor ?? null, { plans: false, readFile });
  await (await import('../src/data/database')).closeDatabase();
  return made as Made;
}
