import { useEffect } from "react";
import { t } from "@/language/t";

/** Names the page in the browser's tab and history. */
export function usePageTitle(title: string): void {
  useEffect(() => {
    document.title = t`${title} · Sereno`;
  }, [title]);
}
