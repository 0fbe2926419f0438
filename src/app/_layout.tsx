import "@/ui/theme/global.css";
import { Slot } from "expo-router";
import { useEffect } from "react";
import { ClockWatch } from "@/features/run/ClockWatch";
import { AppRoot } from "@/features/shell/AppRoot";
import { fetchAhead } from "@/features/shell/fetchAhead";
import { fetchProse } from "@/store/useProse";

/* What watches a still first. Then the places below, and what the work opens from them: a page that is fetched only when it is tapped is empty until then. */
const mostOpened = [
  () => import("@/features/shell/StillWatch"),
  () => import("@/features/today/TodayScreen"),
  () => import("./plan"),
  () => import("./runs/index"),
  () => import("./shelf/index"),
  () => import("./bench/index"),
  () => import("./runs/[id]/ready"),
  () => import("./runs/[id]/watch"),
  () => import("./runs/[id]/separate"),
  () => import("./runs/[id]/index"),
  () => import("./shelf/[id]"),
  () => import("./harvests/index"),
  () => import("./harvests/[id]"),
  fetchProse,
];

export default function Layout() {
  return (
    <AppRoot>
      <Ahead />
      <ClockWatch />
      <Slot />
    </AppRoot>
  );
}

/* Inside the opened logbook: before that there is other work to do. */
function Ahead() {
  useEffect(() => fetchAhead(mostOpened), []);
  return null;
}
