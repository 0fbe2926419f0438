import { createElement, type ReactNode } from "react";

/** The router that screens meet in tests: where they are, and where they were sent. */
export const router = {
  path: "/",
  params: {} as Record<string, string>,
  push: jest.fn<void, [string]>(),
  replace: jest.fn<void, [string]>(),
  back: jest.fn<void, []>(),
};

/** Begins anew, before each test. */
export function resetRouter(): void {
  router.path = "/";
  router.params = {};
  router.push.mockClear();
  router.replace.mockClear();
  router.back.mockClear();
}

/** What stands in for the router's package. */
export const routerModule = {
  Link: ({ children, href }: { children: ReactNode; href: string }) =>
    createElement("a", { href }, children),
  useRouter: () => router,
  usePathname: () => router.path,
  useLocalSearchParams: () => router.params,
};
