import { useEffect } from "react";

/** Names the page in the browser's tab and history. */
export function usePageTitle(title: string): void {
  useEffect(() => {
    document.title = `${title} · Sereno`;
  }, [title]);
}
