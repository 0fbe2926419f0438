export { RunsScreen as default } from "@/features/runs/RunsScreen";
