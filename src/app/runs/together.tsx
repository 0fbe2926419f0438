export { TogetherScreen as default } from "@/features/run/TogetherScreen";
