export { PlantFiguresScreen as default } from "@/features/plants/PlantFiguresScreen";
