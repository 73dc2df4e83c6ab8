import { renderToStaticMarkup } from "react-dom/server";
import { DataList, type ListColumn } from "./data-list";

interface Row {
  id: string;
  name: string;
}
const COLUMNS: ListColumn<Row>[] = [
  { id: "name", title: "Name", width: "2fr", order: (r) => r.name, cell: (r) => <b>{r.name}</b> },
  { id: "id", title: "Id", width: "1fr", cell: (r) => r.id },
];
const rows = (n: number): Row[] => Array.from({ length: n }, (_, i) => ({ id: `r${i}`, name: `Tree ${i}` }));
const list = (n: number, more = {}) =>
  renderToStaticMarkup(<DataList label="Trees" rows={rows(n)} columns={COLUMNS} empty={<p>None yet.</p>} {...more} />);
const count = (html: string, what: string) => html.split(what).length - 1;

test("a short list is drawn whole, in the order it comes in; only what can be put in order is a button", () => {
  const html = list(60);
  expect(count(html, "<li")).toBe(60);
  expect(html.indexOf("Tree 7<")).toBeLessThan(html.indexOf("Tree 8<"));
  expect(count(html, "<button")).toBe(1);
});

test("of a long list the first screen is drawn, and each row says where in the whole it stands", () => {
  const html = list(2000);
  expect(count(html, "<li")).toBeLessThan(60);
  expect(html).toContain('aria-setsize="2000" aria-posinset="1"');
});

test("an empty list says what to do; rows are chosen only where that is asked for", () => {
  expect(list(0)).toContain("None yet.");
  expect(list(3)).not.toContain("checkbox");
  const html = list(3, {
    choice: { chosen: new Set(["r1"]), onChoose: () => undefined, nameOf: (r: Row) => r.name },
  });
  expect(count(html, 'type="checkbox"')).toBe(3);
  expect(count(html, 'checked=""')).toBe(1);
  expect(html).toContain('aria-label="choose Tree 1"');
});
