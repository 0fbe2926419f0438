export { DataScreen as default } from "@/features/data/DataScreen";
