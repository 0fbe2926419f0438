import { useRouter, type Href } from "expo-router";
import { Pressable } from "react-native";
import { Txt } from "./Txt";

interface Props {
  /** What is asked for. */
  say: string;
  /** Whose it is: a still, a time. */
  of: string;
  /** It is due now, or dangerous. */
  pressing: boolean;
  /** Where it is done. */
  href: Href;
}

/** One thing that is to be done, in a list of such; a tap goes to where it is done. */
export function DueRow({ say, of, pressing, href }: Props) {
  const router = useRouter();
  return (
    <Pressable
      role="listitem"
      onPress={() => router.push(href)}
      className={`min-h-[52px] flex-row items-center justify-between gap-3 rounded-card px-4 py-2 ${pressing ? "bg-ember-wash" : "bg-panel"}`}
    >
      <Txt variant="strong" className={`flex-1 ${pressing ? "text-ember-ink" : ""}`}>
        {say}
      </Txt>
      <Txt variant="label">{of}</Txt>
    </Pressable>
  );
}
