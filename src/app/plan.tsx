export { PlanScreen as default } from "@/features/plan/PlanScreen";
