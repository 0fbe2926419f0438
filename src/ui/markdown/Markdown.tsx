import { Link, type Href } from "expo-router";
import type { Token, Tokens } from "marked";
import { Fragment, type ReactNode } from "react";
import { Image, Text, View } from "react-native";
import { Txt } from "../primitives/Txt";

/** A guide's text as the house writes: headings, paragraphs, lists, tables, pictures and links of its own. */
export function Markdown({ tokens }: { tokens: readonly Token[] }) {
  return (
    <>
      {tokens.map((token, at) => (
        <Block key={at} token={token} />
      ))}
    </>
  );
}

function Block({ token }: { token: Token }): ReactNode {
  switch (token.type) {
    case "heading":
      return (
        <Text
          role="heading"
          aria-level={3}
          className="font-bold text-[17px] leading-[24px] text-ink"
        >
          <Inline tokens={(token as Tokens.Heading).tokens} />
        </Text>
      );
    case "paragraph":
      return <Paragraph token={token as Tokens.Paragraph} />;
    case "list":
      return <List list={token as Tokens.List} />;
    case "table":
      return <Rows table={token as Tokens.Table} />;
    case "code":
      return (
        <Text className="font-body text-[15px] leading-[22px] text-ink">
          {(token as Tokens.Code).text}
        </Text>
      );
    default:
      return null;
  }
}

/* A picture stands by itself, whatever its paragraph says. */
function Paragraph({ token: { tokens } }: { token: Tokens.Paragraph }) {
  const [first] = tokens;
  if (tokens.length === 1 && first?.type === "image") {
    const { href, text } = first as Tokens.Image;
    return (
      <Image
        source={{ uri: href }}
        accessibilityLabel={text}
        resizeMode="contain"
        className="w-full max-w-[390px] rounded-card border border-line"
        style={{ aspectRatio: pictureShape }}
      />
    );
  }
  return (
    <Txt>
      <Inline tokens={tokens} />
    </Txt>
  );
}

/* The pictures of the guides are all of one size. */
const pictureShape = 390 / 560;

function List({ list: { items, ordered, start } }: { list: Tokens.List }) {
  return (
    <View role="list" className="gap-2">
      {items.map((item, at) => (
        <View key={at} role="listitem" className="flex-row gap-2">
          <Txt aria-hidden>{ordered ? `${(Number(start) || 1) + at}.` : "·"}</Txt>
          <Txt className="min-w-0 flex-1">
            <Inline tokens={item.tokens} />
          </Txt>
        </View>
      ))}
    </View>
  );
}

/* Two columns or three on a phone: each row as its own lines, the first the name of the rest. */
function Rows({ table: { header, rows } }: { table: Tokens.Table }) {
  return (
    <View role="list" className="gap-3">
      {rows.map((cells, at) => (
        <View key={at} role="listitem">
          <Txt variant="strong">
            <Inline tokens={cells[0]?.tokens ?? []} />
          </Txt>
          {cells.slice(1).map((cell, column) => (
            <Txt key={column}>
              {cells.length > 2 ? `${header[column + 1]?.text ?? ""}: ` : ""}
              <Inline tokens={cell.tokens} />
            </Txt>
          ))}
        </View>
      ))}
    </View>
  );
}

function Inline({ tokens }: { tokens: readonly Token[] }): ReactNode {
  return tokens.map((token, at) => <Fragment key={at}>{inline(token)}</Fragment>);
}

function inline(token: Token): ReactNode {
  const within = "tokens" in token && token.tokens ? <Inline tokens={token.tokens} /> : undefined;
  switch (token.type) {
    case "strong":
      return <Text className="font-bold">{within}</Text>;
    case "em":
      return <Text className="font-medium">{within}</Text>;
    case "codespan":
      return <Text className="font-medium">{(token as Tokens.Codespan).text}</Text>;
    case "link":
      return <InLink token={token as Tokens.Link} />;
    default:
      return within ?? ("text" in token ? String(token.text).replaceAll("\n", " ") : "");
  }
}

/* A guide leads to Sereno's own screens alone. */
function InLink({ token: { href, text } }: { token: Tokens.Link }) {
  if (!href.startsWith("/")) return text;
  return (
    <Link href={href as Href} className="font-bold text-bottle underline">
      {text}
    </Link>
  );
}
