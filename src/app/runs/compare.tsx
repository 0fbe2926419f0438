import { useLocalSearchParams } from "expo-router";
import { CompareScreen } from "@/features/compare/CompareScreen";

export default function Route() {
  const { ids = "" } = useLocalSearchParams<{ ids?: string }>();
  return <CompareScreen ids={ids.split(",").filter(Boolean)} />;
}
