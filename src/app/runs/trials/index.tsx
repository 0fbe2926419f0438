export { TrialsScreen as default } from "@/features/trials/TrialsScreen";
