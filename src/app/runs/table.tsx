export { PastTableScreen as default } from "@/features/past/PastTableScreen";
