export { CalibrateScreen as default } from "@/features/stills/CalibrateScreen";
