export { LotScreen as default } from "@/features/shelf/LotScreen";
