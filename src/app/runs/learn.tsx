import { useLocalSearchParams } from "expo-router";
import { KnownScreen } from "@/features/learn/KnownScreen";
import { LearnScreen } from "@/features/learn/LearnScreen";
import { SniffScreen } from "@/features/learn/SniffScreen";
import { TrialScreen } from "@/features/learn/TrialScreen";

/* One address for all that judges runs: what it computes with is loaded with neither the first screen nor twice. */
export default function Route() {
  const { trial, sniff, plant } = useLocalSearchParams<{
    trial?: string;
    sniff?: string;
    plant?: string;
  }>();
  if (trial) return <TrialScreen id={trial} />;
  if (sniff) return <SniffScreen id={sniff} />;
  return plant ? <KnownScreen key={plant} plantId={plant} /> : <LearnScreen />;
}
