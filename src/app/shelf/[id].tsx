import { ElsewhereHint } from "@/features/shell/ElsewhereHint";
import { LotScreen } from "@/features/shelf/LotScreen";

export default function Route() {
  return <LotScreen elsewhere={(id) => <ElsewhereHint id={id} />} />;
}
