export { PlantScreen as default } from "@/features/plants/PlantScreen";
