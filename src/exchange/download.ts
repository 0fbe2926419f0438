/** Hands the person a file, as a download. */
export function download(name: string, text: string, type: string): void {
  const address = URL.createObjectURL(new Blob([text], { type }));
  const link = document.createElement("a");
  link.href = address;
  link.download = name;
  document.body.append(link);
  link.click();
  link.remove();
  /* Browsers read the address some time after the click. */
  setTimeout(() => URL.revokeObjectURL(address), 60000);
}
