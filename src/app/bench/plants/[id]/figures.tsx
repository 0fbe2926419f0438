export { PlantFiguresScreen as default } from "@/features/bench/PlantFiguresScreen";
