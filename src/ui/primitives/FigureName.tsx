import { Link, type Href } from "expo-router";
import { type ComponentProps, useState } from "react";
import { Pressable, Text, View } from "react-native";
import { t } from "@/language/t";
import { Sheet } from "./Sheet";
import { Txt } from "./Txt";

/** A number that is worked out: what it is, how it comes about, and where the guide tells more. */
export interface FigureTold {
  figure: string;
  says: string;
  guide: Href;
}

interface Props {
  name: string;
  about: FigureTold;
  variant?: ComponentProps<typeof Txt>["variant"];
  /** Of its place, and of the words. */
  className?: string;
  ink?: string;
}

/** The name of a worked-out number, or the number itself; tapped, it says how the number comes about. */
export function FigureName({ name, about, variant = "label", className = "", ink = "" }: Props) {
  const [open, setOpen] = useState(false);
  return (
    <View
      {...(variant === "heading" ? { role: "heading" as const, "aria-level": 2 } : {})}
      className={className}
    >
      <Pressable
        role="button"
        {...{ "aria-haspopup": "dialog" }}
        onPress={() => setOpen(true)}
        className="explained -my-3 self-start py-3 active:opacity-60"
      >
        <Txt variant={variant} role={undefined} aria-level={undefined} className={ink}>
          {name}
        </Txt>
      </Pressable>
      {/* A list has dozens of names: a sheet is made for the one that is asked. */}
      {open ? (
        <Sheet title={about.figure} open onClose={() => setOpen(false)}>
          <Txt>{about.says}</Txt>
          <Link href={about.guide} asChild>
            <Pressable role="link" className="min-h-[48px] justify-center">
              <Text className="font-bold text-[15px] text-bottle">{t`More in the guide`}</Text>
            </Pressable>
          </Link>
        </Sheet>
      ) : null}
    </View>
  );
}
