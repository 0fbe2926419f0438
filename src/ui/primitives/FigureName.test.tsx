import { fireEvent, render, screen, waitFor } from "@testing-library/react";
import { figureWords } from "@/words/figureWords";
import { Facts } from "./Facts";

test("a worked-out value says, tapped, how it comes about; what is only told does not", async () => {
  render(
    <Facts
      facts={[
        ["Cut", "2 kg"],
        ["Water in it", "70 %", figureWords.waterInPlant],
      ]}
    />,
  );
  expect(screen.getAllByRole("button")).toHaveLength(1);
  fireEvent.click(screen.getByRole("button", { name: "Water in it" }));
  const sheet = await screen.findByRole("dialog", { name: "Water in the plant" });
  expect(sheet).toHaveTextContent("only water leaves");
  expect(screen.getAllByRole("link", { name: "More in the guide" })[0]).toHaveAttribute(
    "href",
    "/bench/guide?about=Harvests",
  );
  fireEvent.click(screen.getByRole("button", { name: "Close" }));
  await waitFor(() => expect(screen.queryByRole("dialog")).toBeNull());
});
