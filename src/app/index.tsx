export { LateToday as default } from "@/features/today/LateToday";
