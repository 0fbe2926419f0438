import { plants } from "@/core/plant/catalogue";

/* A place's or a people's name is written large wherever it stands. */
const proper = /^(Atlas|California|Douglas|French|German|Labrador|Norway|Roman|Scots)\b/;

const ofTheBook = new Set(plants.map(({ name }) => name));

/** A plant's name within a sentence: "clary sage", but "Scots pine"; what a person named themselves stays as typed. */
export function plantInSentence(name: string): string {
  if (!ofTheBook.has(name) || proper.test(name)) return name;
  return name.charAt(0).toLowerCase() + name.slice(1);
}
