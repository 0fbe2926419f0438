export { LabelsScreen as default } from "@/features/labels/LabelsScreen";
