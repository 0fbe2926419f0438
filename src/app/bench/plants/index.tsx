export { PlantsScreen as default } from "@/features/plants/PlantsScreen";
