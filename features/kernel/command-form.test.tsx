/** @jest-environment jsdom */
import { AppRouterContext, type AppRouterInstance } from "next/dist/shared/lib/app-router-context.shared-runtime";
import { act, cleanup, fireEvent, render, screen } from "@testing-library/react";
import { AsOfProvider } from "./as-of";
import { CommandForm, useCommandForm } from "./command-form";
import { CheckInput, ChecksInput, TextInput } from "@/ui/form/inputs";

const COLLECTION = "5e0f4a52-6d0f-4c3e-9b1a-70b5a2e1c48d";
const router = { refresh: () => undefined, push: () => undefined } as unknown as AppRouterInstance;
let sent: { at: string; body: Record<string, unknown> }[] = [];
let answer: unknown;
let done: string[] = [];

beforeEach(() => {
  [sent, done] = [[], []];
  answer = { ok: true, entryId: "e1", revision: 2, result: {} };
  globalThis.fetch = ((at: string, init: { body: string }) => {
    sent.push({ at, body: JSON.parse(init.body) as Record<string, unknown> });
    return Promise.resolve({ json: () => Promise.resolve(answer) });
  }) as unknown as typeof fetch;
});
afterEach(cleanup);

/** The name and the risk of a collection; its risk is called otherwise in the form. */
function Sample({ after, parts }: { after?: "same"; parts?: string[] }) {
  const form = useCommandForm("describe-collection", {
    start: { name: "Roof", chance: "0.1", tick: false, several: ["a"] },
    input: ({ name, chance }, wrong) => {
      if (chance === "x") wrong("risk", "A number, please.");
      return { collectionId: COLLECTION, name, risk: Number(chance) };
    },
    fieldOf: (path) => (path === "risk" ? "chance" : path),
    parts,
    after: after && ((typed) => typed),
    done: (_, { name }) => done.push(name),
  });
  return (
    <CommandForm of={form} label="It" button={["Keep", "Keeping"]} beside={<span>beside</span>}>
      <TextInput name="name" label="Name" />
      <TextInput name="chance" label="Chance" />
      <CheckInput name="tick" label="Tick" disabled />
      <ChecksInput
        name="several"
        label="Several"
        options={[
          ["a", "first"],
          ["b", "second"],
        ]}
      />
      <output>{form.at("inner.part") ?? "nothing there"}</output>
    </CommandForm>
  );
}
const show = (sample: React.ReactNode) =>
  render(
    <AppRouterContext.Provider value={router}>
      <AsOfProvider
        collectionId={COLLECTION}
        revision={1}
        plans={0}
        today="2026-05-15"
        initialOn="2026-05-15"
        units="metric"
        currency="EUR"
        latitudeDeg={48}
        simulatedForecast={false}
      >
        {sample}
      </AsOfProvider>
    </AppRouterContext.Provider>,
  );
const type = (label: string, text: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value: text } });
const keep = () =>
  act(async () => {
    fireEvent.click(screen.getByRole("button", { name: "Keep" }));
    await Promise.resolve();
  });
const valueOf = (label: string) => screen.getByLabelText<HTMLInputElement>(label).value;

test("what is typed is sent once, and the form begins anew", async () => {
  show(<Sample />);
  type("Name", "Upper roof");
  await keep();
  expect(sent.map((s) => s.body)).toMatchObject([{ collectionId: COLLECTION, name: "Upper roof", risk: 0.1 }]);
  expect(done).toEqual(["Upper roof"]);
  expect(valueOf("Name")).toBe("Roof");
});

test("a form that goes on shows what was sent", async () => {
  show(<Sample after="same" />);
  type("Name", "Upper roof");
  await keep();
  expect(valueOf("Name")).toBe("Upper roof");
});

test("everything wrong is told at its field before anything is sent, also where the field is called otherwise", async () => {
  show(<Sample />);
  type("Name", " ");
  type("Chance", "x");
  await keep();
  expect(sent).toEqual([]);
  expect(screen.getAllByRole("alert").map((a) => a.textContent)).toEqual([
    "Give the collection a name.",
    "A number, please.",
  ]);
  expect(screen.getByLabelText("Chance").getAttribute("aria-invalid")).toBe("true");
  expect([valueOf("Name"), valueOf("Chance")]).toEqual([" ", "x"]);
  type("Name", "Roof");
  type("Chance", "0.2");
  await keep();
  expect(sent.map((s) => s.body.risk)).toEqual([0.2]);
});

test("what only the server knows stands at its field; what belongs to none above the button; typed text stays", async () => {
  answer = {
    ok: false,
    code: "invalid",
    faults: [
      { path: "name", code: "name-needed", args: {} },
      { path: "elsewhere", code: "no-answer", args: {} },
      { path: "inner.part", code: "no-answer", args: {} },
    ],
  };
  show(<Sample parts={["inner"]} />);
  type("Name", "Taken");
  await keep();
  expect(screen.getByLabelText("Name").getAttribute("aria-invalid")).toBe("true");
  expect(valueOf("Name")).toBe("Taken");
  expect(done).toEqual([]);
  const placed = screen.getByRole("status").textContent;
  expect(placed).not.toBe("nothing there");
  // Told once beside its part, once for the field nobody has: not twice above the button.
  expect(screen.getAllByText(placed ?? "", { selector: "p" })).toHaveLength(1);
});

test("a box that may not be ticked counts as no; several are chosen one by one", () => {
  show(<Sample />);
  expect(screen.getByLabelText<HTMLInputElement>("Tick").disabled).toBe(true);
  const [first, second] = ["first", "second"].map((name) => screen.getByLabelText<HTMLInputElement>(name));
  expect([first.checked, second.checked]).toEqual([true, false]);
  fireEvent.click(second);
  fireEvent.click(first);
  expect([first.checked, second.checked]).toEqual([false, true]);
});
