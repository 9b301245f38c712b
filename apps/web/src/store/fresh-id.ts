/** A new id that tells a little of the name: small letters, digits and hyphens. */
export function freshId(name: string): string {
  const plain = name
    .normalize('NFKD')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 40);
  return `${plain || 'design'}-${crypto.randomUUID().slice(0, 8)}`;
}
