export { DaysScreen as default } from "@/features/day/DaysScreen";
