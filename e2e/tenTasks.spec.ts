import { expect, test, type Page } from "@playwright/test";
import { choosePlant, field, goTo } from "./steps";

/*
 * Ten questions that somebody asks who has never seen these screens. Each is answered by what the screens say and
 * by nothing else: from Today on it taps what it can read, and stops at the words that answer.
 */
interface Task {
  asked: string;
  /** What is tapped, by the words on it. */
  way: (string | RegExp | ((page: Page) => Promise<void>))[];
  answer: RegExp;
}

/** Taps the first bottle that stands on the shelf. */
const bottle = (page: Page) => page.getByRole("listitem").first().click();

const tasks: Task[] = [
  {
    asked: "How much oil will 1.2 kg of lavender give me?",
    way: [
      "Plan",
      async (page) => {
        await choosePlant(page, "True lavender");
        await field(page, "Plant weight").fill("1.2 kg");
      },
    ],
    answer: /[\d.]+ mL oil, likely [\d.]+/,
  },
  {
    asked: "The still is running. When do I turn the heat off?",
    way: ["To the still of run 31"],
    answer: /heat off in about/,
  },
  {
    asked: "What does the number under Flow come from?",
    way: ["To the still of run 31", /^Flow /],
    answer: /follows from the heat and your still until you read the jar/,
  },
  {
    asked: "A reading in the log is wrong. How do I set it right?",
    way: ["To the still of run 31", /^Head /],
    answer: /Tap a reading to correct it/,
  },
  {
    asked: "May I drink this hydrosol?",
    way: ["Shelf", async (page) => field(page, "Find").fill("yarrow hydrosol"), bottle],
    answer: /^To drink\?|^Not to drink|^By the spoonful/,
  },
  {
    asked: "Until when is this bottle good, and why until then?",
    way: ["Shelf", bottle, "Words and figures here"],
    answer: /Months for this kind of oil or hydrosol/,
  },
  {
    asked: "I have a notebook of past runs. Where do they go?",
    way: ["Runs", "Enter a past run"],
    answer: /^Day and plant are enough$/,
  },
  {
    asked: "Which herbs did I like to distil? I want them first.",
    way: ["Bench", /^Plants/, /^Clary sage/],
    answer: /Make a favourite/,
  },
  {
    asked: "My phone may break. How do I keep a copy?",
    way: ["Bench", /^Data/],
    answer: /Save a file now and then/,
  },
  {
    asked: "The oil of my last run: how do I draw off a layer too thin to see?",
    way: ["Runs", /^30 · Scots pine/, "Separate and measure"],
    answer: /Skimmed or drawn into “Narrow tube”/,
  },
];

/** Taps what carries these words: a way through the app, a button, a line of a list. */
async function tap(page: Page, words: string | RegExp): Promise<void> {
  const name = typeof words === "string" ? { name: words, exact: true } : { name: words };
  await page
    .getByRole("link", name)
    .or(page.getByRole("button", name))
    .or(page.getByRole("radio", name))
    .first()
    .click();
}

/* To begin the demonstration takes longer than an answer: five questions share one. */
for (const some of [tasks.slice(0, 5), tasks.slice(5)])
  test(`asked: ${some.map(({ asked }) => asked).join(" ")}`, async ({ page }) => {
    const today = page.getByRole("heading", { name: "Today" });
    await goTo(page, "/?logbook=demo");
    await expect(today).toBeVisible();
    for (const { asked, way, answer } of some)
      await test.step(asked, async () => {
        for (const step of way)
          if (typeof step === "function") await step(page);
          else await tap(page, step);
        await expect(
          page
            .getByText(answer)
            .or(page.getByRole("button", { name: answer }))
            .filter({ visible: true })
            .first(),
        ).toBeVisible();
        await goTo(page, "/");
        await expect(today).toBeVisible();
      });
  });
