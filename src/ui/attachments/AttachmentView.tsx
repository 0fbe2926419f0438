import { Image } from "react-native";
import { unstable_createElement } from "react-native-web";

interface Props {
  href: string;
  /** Width over height; absent for a spoken note. */
  aspect?: number;
  /** What it is, for a screen reader. */
  name: string;
}

/** A picture, or a spoken note with its player. */
export function AttachmentView({ href, aspect, name }: Props) {
  if (aspect === undefined)
    return unstable_createElement("audio", {
      controls: true,
      preload: "metadata",
      src: href,
      "aria-label": name,
      style: { width: "100%", minHeight: 48 },
    });
  return (
    <Image
      source={{ uri: href }}
      aria-label={name}
      style={{ width: "100%", aspectRatio: aspect, borderRadius: 12 }}
    />
  );
}
