import type { Token, Tokens } from "marked";

/** A part of the guide under one heading. */
export interface GuideSection {
  title: string;
  /** What stands under it, as the reader draws it. */
  tokens: Token[];
  /** All of its words in small letters, to be searched. */
  words: string;
  /** Its first sentence. */
  begins: string;
}

/** The guides that come with Sereno, by the name of their file. */
export type GuideName = "guide" | "how";

const read = new Map<GuideName, Promise<GuideSection[]>>();

/**
 * A guide's sections, read once; the file comes with Sereno and is kept on the device.
 * @throws Error in words where it cannot be read
 */
export function readGuide(name: GuideName): Promise<GuideSection[]> {
  const known = read.get(name) ?? fetchGuide(name);
  read.set(name, known);
  /* What failed once may be there the next time. */
  known.catch(() => read.delete(name));
  return known;
}

async function fetchGuide(name: GuideName): Promise<GuideSection[]> {
  const response = await fetch(`/${name}.md`);
  if (!response.ok) throw new Error("The guide is not here");
  return sectionsOf(await response.text());
}

/** A guide's text by its headings of the second rank; what stands above the first is left out. */
export async function sectionsOf(markdown: string): Promise<GuideSection[]> {
  const { marked } = await import("marked");
  const sections: GuideSection[] = [];
  for (const token of marked.lexer(markdown)) {
    if (token.type === "heading" && (token as Tokens.Heading).depth === 2)
      sections.push({ title: (token as Tokens.Heading).text, tokens: [], words: "", begins: "" });
    else sections.at(-1)?.tokens.push(token);
  }
  return sections.map((section) => {
    const text = section.tokens.map((token) => plain(token)).join(" ");
    return {
      ...section,
      words: `${section.title} ${text}`.toLowerCase(),
      begins: firstSentence(text),
    };
  });
}

/** Of a section what holds the words, in small letters: paragraphs, and of a list its lines. */
export function holding({ tokens }: GuideSection, wanted: string): Token[] {
  const holds = (token: Token) => plain(token).toLowerCase().includes(wanted);
  return tokens.flatMap((token): Token[] => {
    if (!holds(token)) return [];
    if (token.type !== "list") return [token];
    const list = token as Tokens.List;
    return [{ ...list, ordered: false, items: list.items.filter(holds) }];
  });
}

/** A token's words without its signs; a picture has none of its own. */
function plain(token: Token): string {
  if (token.type === "image") return "";
  if ("tokens" in token && token.tokens) return token.tokens.map(plain).join("");
  if (token.type === "list")
    return (token as Tokens.List).items.map((item) => plain(item)).join(" ");
  if (token.type === "table")
    return [(token as Tokens.Table).header, ...(token as Tokens.Table).rows]
      .flat()
      .map(({ text }) => text)
      .join(" ");
  return "text" in token && typeof token.text === "string" ? token.text : "";
}

function firstSentence(text: string): string {
  const [sentence = ""] = text
    .replaceAll(/\s+/g, " ")
    .trim()
    .split(/(?<=[.:!?])\s/);
  return sentence.length > 110 ? `${sentence.slice(0, 107).trimEnd()}…` : sentence;
}
