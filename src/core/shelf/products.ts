/** What a run gives that is kept; `liquor` is the water that the plant was boiled in. */
export const products = ["oil", "hydrosol", "liquor"] as const;
export type Product = (typeof products)[number];
