/** Hands the person a file, as a download; a text may still be on its way. */
export async function download(
  name: string,
  content: string | Promise<string> | Uint8Array,
  type: string,
): Promise<void> {
  const whole = await content;
  const address = URL.createObjectURL(new Blob([whole as BlobPart], { type }));
  const link = document.createElement("a");
  link.href = address;
  link.download = name;
  document.body.append(link);
  link.click();
  link.remove();
  /* Browsers read the address some time after the click. */
  setTimeout(() => URL.revokeObjectURL(address), 60000);
}

/* On a phone a file is sent on, to a cloud or a message; a computer saves it. */
function sharesFiles(file: File): boolean {
  const phone = window.matchMedia?.("(pointer: coarse)").matches ?? false;
  return phone && typeof navigator.canShare === "function" && navigator.canShare({ files: [file] });
}

/** Shares a file where the device does that, and saves it everywhere else. */
export async function handOver(
  name: string,
  text: string | Promise<string>,
  type: string,
): Promise<void> {
  const whole = await text;
  const file = new File([whole], name, { type });
  if (!sharesFiles(file)) return download(name, whole, type);
  try {
    await navigator.share({ files: [file], title: name });
  } catch (error) {
    /* Closing the device's own sheet is an answer; anything else is no reason to lose the file. */
    if ((error as { name?: string }).name !== "AbortError") await download(name, whole, type);
  }
}
