import { readFileSync } from "node:fs";
import { expect, test } from "@playwright/test";
import { asDay, workbook } from "../test-support/workbook";
import { expectNoSeriousFindings, visit, watchErrors, world, openPart } from "./support";

const FILE = [
  "Label;Species;Variety;Pot width (cm);Pot height (cm);Repotted;Where;Remarks;Acquired;Colour",
  "A1;Fig;Cellar Brown;31;29;spring 2023;South steps;leans a little;2021;red",
  "A2;Punica granatum;;28,5;27;before March 2020;South steps;;2019;",
  "A3;Moon plum;;;;unknown;;nobody knows this one;;",
  ";Olive;;30;28;2022;;no tag on it;;",
  "A6;Olive;;30;28;when we moved;Gate;;2020;",
  "A1;Lemon;;22;20;2024;Gate;;2022;",
].join("\r\n");

test("a list comes in with faults told line by line, and one undo takes it back as a whole", async ({
  page,
  request,
}) => {
  const errors = watchErrors(page);
  const w = await world(request);
  await visit(page, w.url("import"));
  await expectNoSeriousFindings(page);
  const choose = (text: string, name = "trees.csv") =>
    page.getByLabel("File", { exact: true }).setInputFiles({ name, mimeType: "text/csv", buffer: Buffer.from(text) });
  await choose("no table at all");
  await expect(page.getByText(/no line under it/)).toBeVisible();

  await choose(FILE);
  const preview = page.getByTestId("import-preview");
  await expect(preview).toContainText(
    "4 of 6 lines can come in, 1 of them with a cell that cannot be read and is left empty; 2 cannot as they are",
  );
  const cells = page.getByTestId("faulty-cells");
  await expect(cells).toContainText("Every tree needs a tag.");
  await expect(cells.getByRole("textbox", { name: "Line 6, Repotted" })).toHaveValue("when we moved");
  await expect(cells).toContainText(/This cannot be read as a day/);
  await expect(cells.getByRole("textbox", { name: "Line 7, Label" })).toHaveValue("A1");
  await expect(cells).toContainText(/This tag stands in line 2 already/);
  // A cell is put right where it stands, and the file's own is a tap away.
  await cells.getByRole("textbox", { name: "Line 5, Label" }).fill("A5");
  await cells.getByRole("button", { name: "Check 1 cell again" }).click();
  await expect(preview).toContainText("5 of 6 lines can come in");
  await expect(cells).toContainText("1 fault put right.");
  await cells.getByRole("button", { name: "As the file has them" }).click();
  // A proposal is a tap: the doubled tag gets the next that is free.
  await cells.getByRole("button", { name: "Line 7, Label: A1-2?" }).click();
  await expect(preview).toContainText("5 of 6 lines can come in");
  await cells.getByRole("button", { name: "As the file has them" }).click();
  await expect(preview).toContainText("4 of 6 lines can come in");
  await expect(page.getByTestId("new-places")).toContainText("2 new places");
  await expect(page.getByTestId("import-notes")).toContainText("Not read: “Colour”");
  // A name the library does not have is proposed what may be meant; the keeper decides, and may take it back.
  const names = page.getByTestId("unlisted-names");
  await expect(names).toContainText("One name the library does not have");
  const plum = names.getByLabel("Moon plum (1 line)");
  // The answer to a choice since taken back comes late: it no longer counts.
  let answered: () => void = () => undefined;
  const late = new Promise<void>((done) => (answered = done));
  let first = true;
  await page.route("**/import-file", async (route) => {
    if (!first) return route.continue();
    first = false;
    const response = await route.fetch();
    await new Promise((done) => setTimeout(done, 1500));
    await route.fulfill({ response });
    answered();
  });
  await plum.selectOption({ label: "Plum: Prunus domestica · stone fruit, deciduous" });
  await expect(names.getByLabel("Moon plum (1 line)")).toHaveValue("plum");
  await names.getByLabel("Moon plum (1 line)").selectOption("");
  await late;
  await page.unroute("**/import-file");
  await expect(names.getByLabel("Moon plum (1 line)")).toHaveValue("");
  await expect(preview.getByLabel("What column Colour means")).toHaveValue("");
  await expect(preview.getByLabel("What column Where means")).toHaveValue("place");
  await expectNoSeriousFindings(page);
  // A column put right is read anew at once.
  await expect(preview).toContainText("4 of 6 lines can come in");
  await preview.getByLabel("What column Repotted means").selectOption("");
  await expect(preview).toContainText("4 of 6 lines can come in; 2 cannot as they are");
  await preview.getByLabel("What column Repotted means").selectOption("lastPotted");
  await preview.getByRole("button", { name: "Read in 4 lines" }).click();
  await expect(page.getByText("4 lines have come in, 2 were left out.").first()).toBeVisible();

  await visit(page, w.url("trees"));
  await expect(page.getByRole("link", { name: /^A1, Fig/ })).toBeVisible();
  await page.getByRole("link", { name: /^A3, Moon plum/ }).click();
  await expect(page.getByTestId("narrowest")).toHaveText("look at its roots");
  await visit(page, w.url("trees"));
  await page.getByRole("link", { name: /^A1, Fig/ }).click();
  await openPart(page, "Log");
  await expect(page.getByText(/between 1 Mar 2023 and 31 May 2023/)).toBeVisible();
  await expect(page.getByText("Moved to South steps")).toBeVisible();

  await visit(page, w.url("log"));
  await page.getByRole("button", { name: /^Undo: 4 trees read in from trees.csv/ }).click();
  await expect(page.getByRole("status")).toContainText("Taken back.");
  await visit(page, w.url("trees"));
  await expect(page.getByRole("heading", { name: "No tree stands here yet" })).toBeVisible();
  expect(errors).toEqual([]);
});

test("pots and pottings come in, and all three lists go out as files", async ({ page, request }) => {
  const w = await world(request);
  await w.tree("Q-1", { arrivedOn: "2026-05-01", pot: null });
  await visit(page, w.url("import"));
  const bring = async (kind: string, text: string, said: string) => {
    await page.getByText(kind, { exact: true }).click();
    await page
      .getByLabel("File", { exact: true })
      .setInputFiles({ name: "x.csv", mimeType: "text/csv", buffer: Buffer.from(text) });
    await page.getByRole("button", { name: /^Read in/ }).click();
    await expect(page.getByText(said).first()).toBeVisible();
  };
  await bring("Pots in store", "name,count,trade_size,price\nBlack 7 L,4,7 L,2.50\n", "1 line has come in.");
  await bring("Past pottings", "tag,when,pot\nQ-1,2021,Black 7 L\nQ-1,autumn 2019,\n", "2 lines have come in.");
  await visit(page, w.url("pots"));
  await expect(page.getByRole("img", { name: "Black 7 L: 3 free" })).toBeVisible();

  await visit(page, w.url("import"));
  const download = page.waitForEvent("download");
  await page.getByRole("link", { name: /^Past pottings \(2\)/ }).click();
  const text = readFileSync(await (await download).path(), "utf8");
  expect(text).toContain("Q-1,2021,Black 7 L");
  expect(text).toMatch(/Q-1,2019-09-01 to 2019-11-30/);
});

test("a workbook comes in by the sheet that holds the list; another sheet is a choice away", async ({
  page,
  request,
}) => {
  const w = await world(request);
  await visit(page, w.url("import"));
  const buffer = Buffer.from(
    workbook({
      Letters: [["To do"], ["write to the nursery"]],
      Trees: [
        ["Tag", "Species", "Last potted"],
        ["W-1", "Fig", asDay("2024-03-29")],
        ["W-2", "Lemon", 2023],
      ],
    }),
  );
  const mimeType = "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet";
  await page.getByLabel("File", { exact: true }).setInputFiles({ name: "trees.xlsx", mimeType, buffer });
  const preview = page.getByTestId("import-preview");
  await expect(preview).toContainText("2 of 2 lines can come in");
  await expect(preview.getByLabel("Sheet")).toHaveValue("Trees");
  await expectNoSeriousFindings(page);
  await preview.getByLabel("Sheet").selectOption("Letters");
  await expect(preview).toContainText("No column says the");
  await preview.getByLabel("Sheet").selectOption("Trees");
  await preview.getByRole("button", { name: "Read in 2 lines" }).click();
  await expect(page.getByText("2 lines have come in.").first()).toBeVisible();
  await visit(page, w.url("trees"));
  await page.getByRole("link", { name: /^W-1, Fig/ }).click();
  await openPart(page, "Log");
  await expect(page.getByText(/29 Mar 2024/).first()).toBeVisible();
});
