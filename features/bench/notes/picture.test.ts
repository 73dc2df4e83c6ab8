import { runCommand } from "@/features/registry";
import sharp from "sharp";
import { hasTestDatabase } from "@/test-support/database";
import { TestYard } from "@/test-support/yard";
import { photoBytes } from "@/data/photos";
import { closePools, pool } from "@/server/pool";
import { preparePicture } from "./picture";
import { photoResponse, uploadPhoto } from "./photos";

const drawn = (width: number, height: number) =>
  sharp({ create: { width, height, channels: 3, background: { r: 90, g: 120, b: 60 } } });
/** A picture as a phone writes it: lying on its side, with the place it was taken at. */
const fromPhone = () =>
  drawn(2400, 1200)
    .withExif({
      IFD0: { Make: "phone" },
      IFD3: { GPSLatitudeRef: "N", GPSLatitude: "48/1 18/1 0/1", GPSLongitudeRef: "E", GPSLongitude: "11/1 54/1 0/1" },
    })
    .withMetadata({ orientation: 6 })
    .jpeg()
    .toBuffer();

test("a picture is made smaller, turned upright and loses where it was taken", async () => {
  const raw = await fromPhone();
  expect((await sharp(raw).metadata()).exif).toBeDefined();
  const made = await preparePicture(raw);
  expect([made.widthPx, made.heightPx]).toEqual([800, 1600]);
  for (const bytes of [made.image, made.thumb]) {
    const { exif, xmp, iptc, orientation, format } = await sharp(bytes).metadata();
    expect({ exif, xmp, iptc, orientation, format }).toMatchObject({ format: "jpeg" });
    expect([exif, xmp, iptc]).toEqual([undefined, undefined, undefined]);
    expect(bytes.includes("GPS")).toBe(false);
  }
  expect((await sharp(made.thumb).metadata()).width).toBe(240);
  expect(made.sha256).toHaveLength(64);
});

test("a small picture stays as small as it is; a transparent one is read", async () => {
  const made = await preparePicture(await drawn(300, 200).png().toBuffer());
  expect([made.widthPx, made.heightPx]).toEqual([300, 200]);
});

test.each([
  ["text", Buffer.from("not a picture at all"), "picture-damaged"],
  [
    "a drawing that could carry a script",
    Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"/>'),
    "not-a-picture",
  ],
  ["nothing", Buffer.alloc(0), "picture-damaged"],
])("%s is refused, and why", async (_what, bytes, code) => {
  await expect(preparePicture(bytes)).rejects.toThrow(code);
});

test("a picture cut short on its way is refused", async () => {
  const raw = await drawn(900, 900).jpeg().toBuffer();
  await expect(preparePicture(raw.subarray(0, raw.length / 2))).rejects.toThrow("picture-damaged");
});

const onDatabase = hasTestDatabase() ? describe : describe.skip;

onDatabase("photographs of a collection", () => {
  const yard = new TestYard();
  beforeAll(() => yard.found());
  afterAll(() => closePools());

  test("an uploaded picture stands in the history and is answered in both sizes; a wrong one leaves nothing", async () => {
    const tree = await yard.tree("P-1");
    const post = (body: Uint8Array<ArrayBuffer>, more = "") =>
      uploadPhoto(
        yard.id,
        new Request(`http://127.0.0.1/x?commandId=${crypto.randomUUID()}&tree=${tree}&on=2026-05-01${more}`, {
          method: "POST",
          body,
        }),
        runCommand,
      );
    const done = await post(new Uint8Array(await fromPhone()));
    expect(done).toMatchObject({ ok: true });
    const { photoId } = (done.ok ? done.result : {}) as { photoId: string };
    expect(await yard.kinds(tree)).toEqual(["arrived", "photographed"]);
    const thumb = await photoResponse(yard.id, photoId, "thumb");
    expect(thumb.headers.get("content-type")).toBe("image/jpeg");
    expect((await thumb.arrayBuffer()).byteLength).toBeLessThan(65_536);
    expect((await photoBytes(pool(), { collectionId: yard.id }, photoId, "image"))?.length).toBeGreaterThan(1000);
    expect((await photoResponse(yard.id, tree, null)).status).toBe(404);
    const bad = await post(new TextEncoder().encode("nothing"));
    expect(bad).toMatchObject({ ok: false, code: "refused", faults: [{ path: "photo" }] });
    expect(await yard.kinds(tree)).toEqual(["arrived", "photographed"]);
    // A picture as text in a JSON command is no way round the checks.
    expect(await yard.fault("add-photo", { treeId: tree, on: "2026-05-01", photo: "AAAA" }, "photo")).toBe(
      "choose-picture",
    );
  });
});
