export { SeasonScreen as default } from "@/features/shelf/SeasonScreen";
