export { PastRunScreen as default } from "@/features/past/PastRunScreen";
