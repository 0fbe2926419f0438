export { UnknownAddress as default } from "@/features/shell/UnknownAddress";
