export { GuideScreen as default } from "@/features/guide/GuideScreen";
