export { CalculatorScreen as default } from "@/features/calculator/CalculatorScreen";
