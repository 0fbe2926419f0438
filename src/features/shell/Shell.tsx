import { PortalHost } from "@rn-primitives/portal";
import { usePathname } from "expo-router";
import type { ReactNode } from "react";
import { View } from "react-native";
import { t } from "@/language/t";
import { useAppSelector } from "@/store/hooks";
import { Opening } from "@/ui/layout/Opening";
import { Places } from "@/ui/layout/Places";
import { isCockpit, isExercise } from "./isCockpit";
import { useShort, useWide } from "@/ui/layout/useWide";
import { Txt } from "@/ui/primitives/Txt";
import { useFocusKept } from "@/ui/useFocusKept";
import { DemoBanner } from "./DemoBanner";
import { KeepingBanner } from "./KeepingBanner";
import { DropWatch } from "./DropWatch";
import { DueNotices } from "./DueNotices";
import { Listeners } from "./Listeners";
import { LitStills } from "./LitStills";
import { Shortcuts } from "./Shortcuts";
import { UndoBar } from "./UndoBar";
import { PartsBanner } from "./PartsBanner";
import { ScreenBoundary } from "./ScreenBoundary";
import { VersionBanner } from "./VersionBanner";
import { useTheme } from "./useTheme";

/** What stands around every screen: places, banners, undo. */
export function Shell({ children }: { children: ReactNode }) {
  const short = useShort();
  const path = usePathname();
  const cockpit = isCockpit(path);
  const wide = useWide();
  const loading = useAppSelector(({ keeping }) => keeping.status === "loading");
  useTheme();
  useFocusKept(path);
  return (
    <View className="h-full flex-1 bg-ground">
      {cockpit && short ? null : <DemoBanner />}
      <KeepingBanner />
      <PartsBanner />
      <VersionBanner />
      <DropWatch />
      <View className={`min-h-0 flex-1 ${wide ? "flex-row" : "flex-col-reverse"}`}>
        {!wide && (cockpit || isExercise(path)) ? null : <Places />}
        <View className="min-h-0 min-w-0 flex-1">
          <UndoBar />
          <ScreenBoundary path={path} instead={alarmsFailed}>
            <LitStills />
          </ScreenBoundary>
          <ScreenBoundary path={path}>
            {loading ? <Opening says={t`Opening the logbook…`} /> : children}
          </ScreenBoundary>
        </View>
      </View>
      <PortalHost />
      {wide ? <Shortcuts /> : null}
      <ScreenBoundary path={path} instead={() => null}>
        <Listeners />
        <DueNotices />
      </ScreenBoundary>
    </View>
  );
}

function alarmsFailed(problem: string) {
  return (
    <View role="alert" className="bg-ember-wash px-4 py-2">
      <Txt className="text-ember-ink">{t`The stills cannot be watched from here: ${problem.slice(0, 120)}. Watch them with your own eyes.`}</Txt>
    </View>
  );
}
