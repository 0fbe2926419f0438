export { PlantsScreen as default } from "@/features/bench/PlantsScreen";
