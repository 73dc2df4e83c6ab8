import { expect, test } from "@playwright/test";
import { round, visit, world } from "./support";

test.use({ locale: "en-US" });

test("an American browser reads American dates and spelling, on the server's page as on its own; British is a tap away", async ({
  page,
  request,
}) => {
  const w = await world(request);
  const treeId = await w.tree("E-1");
  await w.roots(treeId, "2026-03-20", 4, 2);
  await w.pots("Black 25 cm", round(252, 198, 228));
  // A page whose server wrote other words than its browser would is drawn anew, with an error.
  const wrong: string[] = [];
  page.on("console", (m) => void (m.type() === "error" && wrong.push(m.text())));
  page.on("pageerror", (e) => wrong.push(e.message));
  const server = await (
    await page.request.get(w.url("log"), { headers: { "accept-language": "en-US,en;q=0.9" } })
  ).text();
  expect(server).toContain('<html lang="en-US"');
  expect(server).toContain("Mar 20");
  for (const path of ["today", "trees", `tree/${treeId}`, `tree/${treeId}/roots`, "plan", "winter", "pots", "climate"])
    await visit(page, w.url(path));
  await visit(page, w.url("log"));
  await expect(page.getByRole("main")).toContainText("Mar 20");
  expect(wrong).toEqual([]);
  await visit(page, w.url("settings"));
  await page.getByLabel("British").check();
  await expect(page.locator("html")).toHaveAttribute("lang", "en-GB");
  await visit(page, w.url("log"));
  await expect(page.getByRole("main")).toContainText("20 Mar");
});
