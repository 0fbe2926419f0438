export { StillScreen as default } from "@/features/stills/StillScreen";
