/** Saves a text as a file, as a click on a link would. */
export function download(name: string, type: string, text: string): void {
  const url = URL.createObjectURL(new Blob([text], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name.replace(/[^\p{L}\p{N} ._-]+/gu, '-');
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), 1000);
}
