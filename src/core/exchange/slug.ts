/** Lower-case letters and digits with hyphens between: an id from a name; never a word that every object answers to. */
export function slug(name: string): string {
  const id = name
    .normalize('NFKD')
    .replace(/[\u0300-\u036f]/g, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '');
  return id in {} ? `${id}-1` : id;
}
