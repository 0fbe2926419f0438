import "@/ui/theme/global.css";
import { Slot } from "expo-router";
import { AppRoot } from "@/features/shell/AppRoot";

export default function Layout() {
  return (
    <AppRoot>
      <Slot />
    </AppRoot>
  );
}
