import type { Static, TSchema } from '@sinclair/typebox';
import { TypeCompiler, type TypeCheck } from '@sinclair/typebox/compiler';

/** A document as it is stored: what it is, by which version of its shape it was written, and the rest. */
export type Stored = { format: string; version: number } & Record<string, unknown>;

/** What is wrong with a stored document; `path` is empty where it is the whole. */
interface StoredProblem {
  path: string;
  message: string;
}

type ReadStored<T> = { ok: true; value: T } | { ok: false; problems: StoredProblem[] };

/** One kind of stored document. */
export interface Codec<T> {
  format: string;
  /** The version that is written. */
  version: number;
  schema: TSchema;
  /** The value of a document of any version that was ever written; or why it cannot be read. */
  read: (stored: unknown) => ReadStored<T>;
  write: (value: T) => Stored;
}

/** Makes the body of one version from the one before. What it is given has not been looked at: it may be anything. */
type Migration = (body: Record<string, unknown>) => Record<string, unknown>;

interface CodecOptions<S extends TSchema> {
  format: string;
  schema: S;
  /**
   * From each version to the next. Documents that were written before they carried a version are version 0, so that the first one
   * migrates those.
   */
  migrations: readonly Migration[];
}

const MOST_PROBLEMS = 10;

/** A codec of documents that are written at the version after the last migration. */
export function codec<T>() {
  return <S extends TSchema>({ format, schema, migrations }: CodecOptions<Describing<S, T>>): Codec<T> => {
    const version = migrations.length;
    // What a document says of itself would be written over a field of the same name.
    for (const own of ['format', 'version'])
      if (own in (((schema as TSchema).properties as object | undefined) ?? {}))
        throw new Error(`${format} cannot have a field “${own}” of its own: it would be lost.`);
    let check: TypeCheck<S> | undefined;
    return {
      format,
      version,
      schema,
      write: (value) => ({ ...(value as object), format, version }),
      read: (stored) => {
        const opened = openDocument(stored, format, version);
        if (!opened.ok) return opened;
        let { body } = opened;
        try {
          for (const migrate of migrations.slice(opened.version)) body = migrate(body);
        } catch (error) {
          return refused(
            '',
            `It is of version ${opened.version}, and cannot be brought to ${version}: ${String(error)}`,
          );
        }
        check ??= TypeCompiler.Compile(schema as S);
        if (check.Check(body)) return { ok: true, value: body as T };
        const problems = [...check.Errors(body)].slice(0, MOST_PROBLEMS);
        return {
          ok: false,
          problems: problems.map((e) => ({ path: e.path.slice(1).replaceAll('/', '.'), message: e.message })),
        };
      },
    };
  };
}

const refused = (path: string, message: string) => ({ ok: false as const, problems: [{ path, message }] });

/** Body and version of a document, once it is what it should be, and not newer than this program. */
function openDocument(stored: unknown, format: string, newest: number) {
  if (typeof stored !== 'object' || stored === null || Array.isArray(stored))
    return refused('', 'It must be an object with named fields.');
  // Before documents carried a format they carried no version either: what is called so there is a field like others.
  if (!('format' in stored)) return { ok: true as const, version: 0, body: stored as Record<string, unknown> };
  const { format: is, version, ...body } = stored as Record<string, unknown>;
  if (is !== format) return refused('format', `It is “${String(is)}”, and should be “${format}”.`);
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 0)
    return refused('version', 'It must be a whole number.');
  if (version > newest)
    return refused(
      'version',
      `It was written by a newer program (version ${version}; this one reads up to ${newest}).`,
    );
  return { ok: true as const, version, body };
}

/** A schema, if it describes this type and no other: what one has and the other has not does not compile. */
export type Describing<S extends TSchema, T> = [Static<S>] extends [T] ? ([T] extends [Static<S>] ? S : never) : never;

/** Says which type a schema describes. */
export const describes =
  <T>() =>
  <S extends TSchema>(schema: Describing<S, T>): S =>
    schema as S;
