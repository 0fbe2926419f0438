export { MixScreen as default } from "@/features/plants/MixScreen";
