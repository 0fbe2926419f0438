/** The word that names a plant's part where there is room for one: "flowering tops" is "tops". */
export function lastWord(part: string): string {
  return part.split(",")[0]?.split(" ").at(-1) ?? part;
}
