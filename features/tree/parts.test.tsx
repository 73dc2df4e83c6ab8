import { renderToStaticMarkup } from "react-dom/server";
import { Parts } from "./parts";

const PARTS = (["roots", "potting", "winter", "log"] as const).map((name) => ({
  name,
  says: `${name} in short`,
  content: <p>{name} whole</p>,
}));
const draw = (open: Parameters<typeof Parts>[0]["of"]["open"]) =>
  renderToStaticMarkup(<Parts of={{ open, setOpen: () => undefined, reveal: () => undefined }} parts={PARTS} />);
const expanded = (html: string) => [...html.matchAll(/aria-expanded="(true|false)"/g)].map((m) => m[1] === "true");
const hidden = (html: string) => [...html.matchAll(/data-part="(\w+)"[^>]*class="([^"]*)"/g)].map((m) => m[2]);

test("nobody has chosen: on a wide screen the potting is open, on a phone nothing is", () => {
  const html = draw(null);
  expect(expanded(html)).toEqual([false, true, false, false]);
  expect(hidden(html).map((c) => /(^| )hidden( |$)/.test(c))).toEqual([true, false, true, true]);
  expect(hidden(html)[1]).toContain("max-lg:hidden");
});

test("one part at a time; every part stays in the page to be found", () => {
  expect(expanded(draw("log"))).toEqual([false, false, false, true]);
  expect(expanded(draw("none"))).toEqual([false, false, false, false]);
  for (const { name } of PARTS) expect(draw("none")).toContain(`${name} whole`);
});
