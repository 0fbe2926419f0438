import { act, render, screen } from "@testing-library/react";
import { useFocusKept } from "./useFocusKept";

function Screen({ path, name, button }: { path: string; name?: string; button?: string }) {
  useFocusKept(path);
  return (
    <main>
      {name ? (
        <h1 key={name} tabIndex={-1}>
          {name}
        </h1>
      ) : null}
      {button ? <button key={button}>{button}</button> : null}
    </main>
  );
}

/** Frames and what they set off. */
const framesGoBy = async () => {
  for (let i = 0; i < 3; i += 1)
    await act(() => new Promise<void>((resolve) => requestAnimationFrame(() => resolve())));
};

it("goes to the name of another screen, though it comes late, and though another stood there meanwhile", async () => {
  const { rerender } = render(<Screen path="/a" name="Get ready" button="Heat on" />);
  act(() => screen.getByText("Heat on").focus());
  rerender(<Screen path="/b" />);
  await framesGoBy();
  expect(document.body).toHaveFocus();
  rerender(<Screen path="/b" name="On its way" />);
  await framesGoBy();
  expect(screen.getByText("On its way")).toHaveFocus();
  rerender(<Screen path="/b" name="Heating up" />);
  await framesGoBy();
  expect(screen.getByText("Heating up")).toHaveFocus();
});

it("goes to the screen's name when what had the focus goes, and stays where somebody has gone on", async () => {
  const { rerender } = render(<Screen path="/a" name="Heating up" button="It boils" />);
  act(() => screen.getByText("It boils").focus());
  rerender(<Screen path="/a" name="Heating up" button="First drop" />);
  await framesGoBy();
  expect(screen.getByText("Heating up")).toHaveFocus();
  rerender(<Screen path="/b" button="First drop" />);
  act(() => screen.getByText("First drop").focus());
  rerender(<Screen path="/b" name="Distilling" button="First drop" />);
  await framesGoBy();
  expect(screen.getByText("First drop")).toHaveFocus();
});
