import { expect, test } from "@playwright/test";
import { startDatabase } from "../scripts/lib/mariadb";
import { readPid, sleep } from "../scripts/lib/processes";
import path from "node:path";
import { expectNoSeriousFindings, visit, world } from "./support";

test("the database gone for a moment: a clear word, nothing lost, and on it goes", async ({ page, request }) => {
  const dir = process.env.AURELIAN_TEST_DIR!;
  const w = await world(request);
  const treeId = await w.tree("T-1");
  await visit(page, w.url("pots"));
  await page.getByLabel("Name", { exact: true }).fill("Black 30 cm");
  await page.getByText("about so many litres").click();
  await page.getByLabel("Volume, about").fill("15");

  process.kill(readPid(path.join(dir, "db.pid"))!, "SIGKILL");
  await sleep(300);
  await page.getByRole("button", { name: "Put in store" }).click();
  await expect(page.getByText(/The database does not answer just now\. Nothing was saved/)).toBeVisible();
  await expect(page.getByLabel("Name", { exact: true })).toHaveValue("Black 30 cm");
  const other = await page.context().newPage();
  await other.goto(w.url(`tree/${treeId}`));
  await expect(other.getByRole("heading", { name: "This page cannot be shown just now" })).toBeVisible();
  expect(await other.content()).not.toMatch(/at .*\.ts|ECONNREFUSED|node_modules/);
  await expectNoSeriousFindings(other);

  const port = Number(process.env.AURELIAN_DB_PORT);
  await startDatabase(dir, port, () => undefined);
  await page.getByRole("button", { name: "Put in store" }).click();
  await expect(page.getByRole("img", { name: "Black 30 cm: 1 free" })).toBeVisible();
  await other.reload();
  await expect(other.getByTestId("verdict")).toBeVisible();
});
