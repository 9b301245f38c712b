/** Gives the maker a text as a file of her own. */
export function saveFile(name: string, text: string, type = 'application/json'): void {
  const address = URL.createObjectURL(new Blob([text], { type }));
  const link = Object.assign(document.createElement('a'), { href: address, download: name });
  link.click();
  // the browser takes it after the click has been handled
  setTimeout(() => URL.revokeObjectURL(address), 10_000);
}
