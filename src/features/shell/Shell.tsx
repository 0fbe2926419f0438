import { PortalHost } from "@rn-primitives/portal";
import { usePathname } from "expo-router";
import type { ReactNode } from "react";
import { View } from "react-native";
import { useAppSelector } from "@/store/hooks";
import { Places } from "@/ui/layout/Places";
import { isCockpit } from "./isCockpit";
import { useWide } from "@/ui/layout/useWide";
import { Txt } from "@/ui/primitives/Txt";
import { DemoBanner } from "./DemoBanner";
import { KeepingBanner } from "./KeepingBanner";
import { Listeners } from "./Listeners";
import { StillWatch } from "./StillWatch";
import { UndoBar } from "./UndoBar";
import { useTheme } from "./useTheme";

/** What stands around every screen: places, banners, undo. */
export function Shell({ children }: { children: ReactNode }) {
  const wide = useWide();
  const path = usePathname();
  const loading = useAppSelector(({ keeping }) => keeping.status === "loading");
  useTheme();
  return (
    <View className="h-full flex-1 bg-ground">
      <DemoBanner />
      <KeepingBanner />
      <View className={`min-h-0 flex-1 ${wide ? "flex-row" : "flex-col-reverse"}`}>
        {!wide && isCockpit(path) ? null : <Places />}
        <View className="min-h-0 min-w-0 flex-1">
          <UndoBar />
          <StillWatch />
          {loading ? <Opening /> : children}
        </View>
      </View>
      <PortalHost />
      <Listeners />
    </View>
  );
}

function Opening() {
  return (
    <View role="status" className="flex-1 items-center justify-center">
      <Txt variant="label">Opening the logbook…</Txt>
    </View>
  );
}
