export { PlantScreen as default } from "@/features/bench/PlantScreen";
