export { TrialScreen as default } from "@/features/trials/TrialScreen";
