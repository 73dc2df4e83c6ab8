import { PLAIN_TREE } from "./inputs";
import { randomUUID } from "node:crypto";
import { toDay } from "@/core/dates/index";
import { plantsOn, storeAt } from "@/core/records/index";
import { viewCollection } from "@/features/kernel/collection/load";
import type { CommandResult } from "@/features/kernel/run";
import { runCommand } from "@/features/registry";

/** A collection of its own on the test database, written through the same door as the screens use. */
export class TestYard {
  readonly id = randomUUID();
  readonly today = process.env.AURELIAN_TODAY ?? "2026-05-15";

  send(name: string, input: Record<string, unknown>): Promise<CommandResult> {
    return runCommand(name, { commandId: randomUUID(), collectionId: this.id, ...input });
  }

  async ok(name: string, input: Record<string, unknown>) {
    const answer = await this.send(name, input);
    if (!answer.ok) throw new Error(`${name}: ${JSON.stringify(answer.faults)}`);
    return { ...answer, result: (answer.result ?? {}) as Record<string, unknown> };
  }

  /** The code of what is wrong at a field, or undefined. */
  async fault(name: string, input: Record<string, unknown>, path: string): Promise<string | undefined> {
    const answer = await this.send(name, input);
    return answer.ok ? undefined : answer.faults.find((f) => f.path === path)?.code;
  }

  found(latitudeDeg = 48) {
    return this.ok("create-collection", {
      name: "Test",
      zone: "UTC",
      answers: {
        latitudeDeg,
        longitudeDeg: 11,
        elevationM: 300,
        coldestNightC: -12,
        lastSpringFrost: latitudeDeg > 0 ? "05-01" : "10-01",
        firstAutumnFrost: latitudeDeg > 0 ? "10-12" : "05-10",
      },
    });
  }

  async tree(tag: string, more: Record<string, unknown> = {}): Promise<string> {
    const treeId = randomUUID();
    await this.ok("add-tree", {
      treeId,
      tag,
      ...PLAIN_TREE,
      arrivedOn: "2023-04-01",
      pot: { known: "measured", vessel: { shape: "cylinder", topWidthMm: 200, heightMm: 200 } },
      ...more,
    });
    return treeId;
  }

  async view() {
    return (await viewCollection(this.id))!;
  }

  async record(treeId: string) {
    return (await this.view()).loaded.trees.find((t) => t.id === treeId);
  }

  async events(treeId: string) {
    return (await this.view()).loaded.indexed.eventsByTree.get(treeId) ?? [];
  }

  async kinds(treeId: string): Promise<string[]> {
    return (await this.events(treeId)).map((e) => e.payload.kind);
  }

  async plants(treeId: string, on = this.today): Promise<number> {
    return plantsOn((await this.view()).loaded.indexed.presence.get(treeId) ?? [], toDay(on));
  }

  async free(): Promise<number> {
    const { loaded } = await this.view();
    return storeAt(loaded.indexed, toDay(this.today)).reduce((n, p) => n + p.free, 0);
  }

  async state(treeId: string) {
    return (await this.view()).yard.tree(treeId)!.on(this.today)!.state;
  }
}
