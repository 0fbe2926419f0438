import { Link, type Href } from "expo-router";
import ChevronLeft from "lucide-react-native/icons/chevron-left";
import Search from "lucide-react-native/icons/search";
import { useRef, type ReactNode } from "react";
import { Pressable, ScrollView, Text, View } from "react-native";
import { t } from "@/language/t";
import { FormArea } from "../primitives/FormArea";
import { Txt } from "../primitives/Txt";
import { usePageTitle } from "./usePageTitle";
import { useScrollKept } from "./useScrollKept";
import { useWide } from "./useWide";

interface Props {
  title: string;
  /** What the title belongs to, in small above it. */
  over?: string;
  back?: { href: Href; label: string };
  /** At the right of the title. */
  actions?: ReactNode;
  /** The way to the craft words of this screen. */
  words?: ReactNode;
  /** The work. */
  children: ReactNode;
  /** What it results in: beside the work on a wide screen, below it on a phone. */
  aside?: ReactNode;
  /** The one main action, within thumb's reach. */
  footer?: ReactNode;
  /** The main action's work, done by Enter in any field too. */
  onSubmit?: () => void;
  /** The page's own name where the title alone does not tell it: "Clary sage, run 12". */
  pageTitle?: string;
  /** Printed small, in two columns, to stand on one sheet of paper. */
  oneSheet?: boolean;
}

/** On a phone: the way to the search over everything, from each of the places. */
function FindLink() {
  return (
    <Link href="/find" asChild>
      <Pressable
        aria-label={t`Find anything`}
        className="no-print min-h-[48px] min-w-[48px] items-center justify-center rounded-[14px]"
      >
        <Search size={22} color="var(--soft)" />
      </Pressable>
    </Link>
  );
}

/** One screen: title, work, result, main action. */
export function Screen({
  title,
  over,
  back,
  actions,
  words,
  children,
  aside,
  footer,
  onSubmit,
  pageTitle = title,
  oneSheet = false,
}: Props) {
  const wide = useWide();
  const list = useRef<ScrollView>(null);
  usePageTitle(pageTitle);
  useScrollKept(list);
  const find = back || wide ? null : <FindLink />;
  const icons =
    words || find ? (
      <View className="-my-2 flex-row">
        {words}
        {find}
      </View>
    ) : null;
  const label = icons && over ? <Txt variant="label">{over}</Txt> : null;
  /* Beside the way back, or what the title belongs to, there is room for the small ways on. */
  const above = back ? (
    <Link href={back.href} asChild>
      <Pressable className="no-print -ml-2 min-h-[48px] flex-row items-center pr-3">
        <ChevronLeft size={20} color="var(--soft)" />
        <Text className="font-medium text-[15px] text-soft">{back.label}</Text>
      </Pressable>
    </Link>
  ) : (
    label
  );
  return (
    <View role="main" className="flex-1 bg-ground">
      <ScrollView
        ref={list}
        {...{ tabIndex: 0 }}
        contentContainerClassName={wide ? "px-8 pb-10 pt-7" : "px-4 pb-6 pt-4"}
      >
        <FormArea
          onSubmit={onSubmit}
          className={`w-full gap-4 self-center ${oneSheet ? (wide ? "one-sheet" : "one-sheet one-sheet-columns") : ""} ${wide ? "max-w-[1180px]" : "max-w-[620px]"}`}
        >
          <View>
            {above ? (
              <View className="flex-row items-center justify-between gap-2">
                {above}
                {icons}
              </View>
            ) : null}
            <View
              className={`flex-row flex-wrap items-end justify-between gap-y-2 ${wide ? "gap-x-4" : "gap-x-2"}`}
            >
              <View className="min-w-0 shrink">
                {over && above !== label ? <Txt variant="label">{over}</Txt> : null}
                <Txt variant="title">{title}</Txt>
              </View>
              {above ? null : icons}
              {actions ? (
                <View className="max-w-full flex-row flex-wrap items-center gap-2">{actions}</View>
              ) : null}
            </View>
          </View>
          {wide && aside ? (
            <View className="flex-row gap-6">
              <View className="min-w-0 flex-[11] gap-4">
                {children}
                {footer}
              </View>
              <View className="min-w-0 flex-[9] gap-4">{aside}</View>
            </View>
          ) : (
            <>
              {children}
              {aside}
              {wide ? footer : null}
            </>
          )}
        </FormArea>
      </ScrollView>
      {!wide && footer ? (
        <View className="border-t border-line bg-ground px-4 py-3">{footer}</View>
      ) : null}
    </View>
  );
}
