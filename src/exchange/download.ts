/** Hands the person a file, as a download; its text may still be on its way. */
export async function download(
  name: string,
  text: string | Promise<string>,
  type: string,
): Promise<void> {
  const address = URL.createObjectURL(new Blob([await text], { type }));
  const link = document.createElement("a");
  link.href = address;
  link.download = name;
  document.body.append(link);
  link.click();
  link.remove();
  /* Browsers read the address some time after the click. */
  setTimeout(() => URL.revokeObjectURL(address), 60000);
}
