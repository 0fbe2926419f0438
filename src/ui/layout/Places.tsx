import { Link, usePathname, type Href } from "expo-router";
import Droplet from "lucide-react-native/icons/droplet";
import FlaskRound from "lucide-react-native/icons/flask-round";
import Hammer from "lucide-react-native/icons/hammer";
import Milk from "lucide-react-native/icons/milk";
import Search from "lucide-react-native/icons/search";
import Scale from "lucide-react-native/icons/scale";
import { Pressable, Text, View } from "react-native";
import { t } from "@/language/t";
import { useWide } from "./useWide";

const places: { href: Href; label: string; Icon: typeof Droplet; owns: RegExp }[] = [
  { href: "/", label: t`Today`, Icon: Droplet, owns: /^\/($|harvests)/ },
  { href: "/plan", label: t`Plan`, Icon: Scale, owns: /^\/plan/ },
  { href: "/runs", label: t`Runs`, Icon: FlaskRound, owns: /^\/runs/ },
  { href: "/shelf", label: t`Shelf`, Icon: Milk, owns: /^\/shelf/ },
  { href: "/bench", label: t`Bench`, Icon: Hammer, owns: /^\/bench/ },
];

/** The five places: along the bottom on a phone, a rail at the left on a wide screen. */
export function Places() {
  const wide = useWide();
  const path = usePathname();
  return (
    <View
      role="navigation"
      aria-label={t`Places`}
      className={
        wide
          ? "w-[96px] items-center gap-2 border-r border-line bg-panel px-2 pt-5"
          : "flex-row justify-around border-t border-line bg-panel px-1 pb-1 pt-1"
      }
    >
      {places.map(({ href, label, Icon, owns }) => {
        const here = owns.test(path);
        return (
          <Link key={label} href={href} asChild>
            <Pressable
              aria-current={here ? "page" : undefined}
              className={`items-center justify-center gap-1 rounded-[18px] ${wide ? "h-[68px] w-full" : "h-[56px] flex-1"} ${here && wide ? "bg-bottle" : ""}`}
            >
              <Icon
                size={23}
                strokeWidth={here ? 2.3 : 1.8}
                color={here ? (wide ? "var(--on-bottle)" : "var(--bottle)") : "var(--soft)"}
              />
              <Text
                className={`text-[13px] ${here ? `font-bold ${wide ? "text-on-bottle" : "text-bottle"}` : "font-medium text-soft"}`}
              >
                {label}
              </Text>
            </Pressable>
          </Link>
        );
      })}
      {wide ? (
        <Link href="/find" asChild>
          <Pressable
            aria-label={t`Find anything`}
            aria-keyshortcuts="Control+K"
            aria-current={path === "/find" ? "page" : undefined}
            className="mt-2 h-[60px] w-full items-center justify-center gap-1 rounded-[18px] border-t border-line"
          >
            <Search size={22} color="var(--soft)" />
            <Text className="font-medium text-[13px] text-soft">{t`Find`}</Text>
          </Pressable>
        </Link>
      ) : null}
    </View>
  );
}
