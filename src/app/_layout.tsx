import "@/ui/theme/global.css";
import { Slot } from "expo-router";
import { ClockWatch } from "@/features/run/ClockWatch";
import { AppRoot } from "@/features/shell/AppRoot";

export default function Layout() {
  return (
    <AppRoot>
      <ClockWatch />
      <Slot />
    </AppRoot>
  );
}
