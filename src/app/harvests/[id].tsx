export { HarvestScreen as default } from "@/features/harvest/HarvestScreen";
