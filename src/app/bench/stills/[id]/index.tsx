export { StillScreen as default } from "@/features/bench/StillScreen";
