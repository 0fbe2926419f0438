import { SeasonScreen } from "@/features/shelf/SeasonScreen";

export default SeasonScreen;
