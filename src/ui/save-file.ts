/**
 * Offers something made in the browser as a file to save.
 *
 * @param content of the file
 * @param name it is proposed under
 */
export function saveFile(content: Blob, name: string): void {
  const url = URL.createObjectURL(content);
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  // The browser has begun to read it by then.
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}
