/** Gives the maker a file of her own. */
export function saveFile(name: string, content: Blob): void {
  const address = URL.createObjectURL(content);
  const link = Object.assign(document.createElement('a'), { href: address, download: name });
  link.click();
  // the browser takes it after the click has been handled
  setTimeout(() => URL.revokeObjectURL(address), 10_000);
}
