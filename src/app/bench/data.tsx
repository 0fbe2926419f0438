export { DataScreen as default } from "@/features/bench/DataScreen";
