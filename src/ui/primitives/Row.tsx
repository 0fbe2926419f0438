import { Link, type Href } from "expo-router";
import type { ReactNode } from "react";
import { Pressable, Text, View } from "react-native";

interface Props {
  title: string;
  detail?: string;
  /** A second line below the detail. */
  more?: string;
  /** What stands at the right. */
  end?: ReactNode;
  href?: Href;
  onPress?: () => void;
}

/** One thing in a list. With an address it is a link, with an action a button. */
export function Row({ title, detail, more, end, href, onPress }: Props) {
  const body = (
    <>
      <View className="min-w-[140px] flex-1">
        <Text className="font-bold text-[17px] leading-[23px] text-ink">{title}</Text>
        {detail ? (
          <Text className="font-body text-[14px] leading-[20px] text-soft">{detail}</Text>
        ) : null}
        {more ? (
          <Text className="mt-1 font-body text-[14px] leading-[20px] text-soft">{more}</Text>
        ) : null}
      </View>
      {end ? <View className="ml-auto items-end pl-3">{end}</View> : null}
    </>
  );
  const look = "min-h-[64px] flex-row flex-wrap items-center rounded-card bg-panel px-4 py-3";
  if (href) {
    return (
      <Link href={href} asChild>
        <Pressable className={`${look} active:opacity-80`}>{body}</Pressable>
      </Link>
    );
  }
  if (onPress) {
    return (
      <Pressable role="button" onPress={onPress} className={`${look} active:opacity-80`}>
        {body}
      </Pressable>
    );
  }
  return <View className={look}>{body}</View>;
}
