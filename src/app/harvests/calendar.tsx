export { CalendarScreen as default } from "@/features/harvest/CalendarScreen";
