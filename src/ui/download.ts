/** Gives a file to the person at the page, under a name. */
export function download(content: BlobPart, type: string, name: string): void {
  const link = document.createElement("a");
  link.href = URL.createObjectURL(new Blob([content], { type }));
  link.download = name;
  link.click();
  URL.revokeObjectURL(link.href);
}
