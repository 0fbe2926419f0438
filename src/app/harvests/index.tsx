export { HarvestsScreen as default } from "@/features/harvest/HarvestsScreen";
