import "@testing-library/jest-dom";

jest.mock("expo-router", () => ({
  Link: ({ children }: { children: unknown }) => children,
  useRouter: () => ({ push: jest.fn(), replace: jest.fn() }),
  usePathname: () => "/",
  useLocalSearchParams: () => ({}),
}));
jest.mock("expo-keep-awake", () => ({ useKeepAwake: () => undefined }));
