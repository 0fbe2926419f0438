export { CalibrateScreen as default } from "@/features/bench/CalibrateScreen";
