/* Marks that steer a machine and show nothing: all of them but the line's own. */
const unseen = /[\u0000-\u0009\u000B-\u001F\u007F-\u009F\u2028\u2029]/g;

/** A text as another program may read it: lines end in one way, and marks that nobody can see are left out. */
export function plainText(text: string): string {
  return text.replace(/\r\n?/g, "\n").replace(unseen, (mark) => (mark === "\t" ? " " : ""));
}
