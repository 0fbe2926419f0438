export { CalculatorScreen as default } from "@/features/bench/CalculatorScreen";
