import { chromatogramOf } from "./chromatogramCsv";

const table = (text: string) => {
  const [header = [], ...rows] = text.split("\n").map((line) => line.split(";"));
  return { header, rows };
};

test.each([
  ["a head of area percent", "RT;Name;Area %\n9.1;Linalool;30,5\n12;Limonene;4"],
  ["shares before the names", "Share;Compound\n30.5;Linalool\n4;Limonene"],
  ["no head that says so", "peak;what;x\n1;Linalool;30.5\n2;Limonene;4"],
  ["a sum at its end", "Name;%\nLinalool;30.5 %\nLimonene;4 %\nTotal;34.5 %"],
  ["a detector's bare area beside it", "Name;Area;Area %\nLinalool;812345;30.5\nLimonene;99999;4"],
  ["traces by a sign", "Name;%\nLinalool;30.5\nLimonene;4\nMyrcene;<0.1"],
])("a laboratory's table with %s is read", (_, text) => {
  expect(chromatogramOf(table(text)).composition).toEqual({ linalool: 0.305, limonene: 0.04 });
});

test("a table without numbers says what it needs", () => {
  expect(() => chromatogramOf(table("Name;Note\nLinalool;much"))).toThrow(
    /column of names and one of percent/,
  );
});
