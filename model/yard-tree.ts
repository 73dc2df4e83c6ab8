import { type DayNumber, type IsoDate, toDay } from "@/core/dates/index";
import type { LoggedEvent } from "@/core/event/index";
import { endOf, plantsAt, type TreeRecord } from "@/core/records/index";
import { type CrownForm, crownFormOf, type Profile, profileOf } from "@/core/species/index";
import type { EyePrior, MatePrior } from "./context";
import { eyeOn } from "./eyes";
import type { Yard } from "./open-yard";
import { type TreePicture, treePicture } from "./picture";
import { matesOn } from "./tracks";
import { TreeOnDay } from "./tree-on-day";

/** One tree of a yard through all its days. */
export class YardTree {
  constructor(
    readonly yard: Yard,
    readonly record: TreeRecord,
  ) {}

  get id(): string {
    return this.record.id;
  }

  /** What its kind is known to be, before its mates and its own checks say more. */
  get kind(): Profile {
    return profileOf(this.record);
  }

  get name(): string {
    return this.kind.name;
  }

  /** How its crown is drawn. */
  get crownForm(): CrownForm {
    const { kind, record } = this;
    return (this.form ??= crownFormOf({
      scientific: kind.scientific,
      group: kind.values.group,
      cultivar: record.cultivar,
      name: kind.name,
      miniature: record.purpose === "miniature",
    }));
  }
  private form: CrownForm | undefined;

  /** Its events in order of day; a tree taken from a batch begins with the batch's. */
  get events(): readonly LoggedEvent[] {
    return this.yard.indexed.eventsByTree.get(this.id) ?? [];
  }

  /** How and when it left; null while it is there. */
  get left(): ReturnType<typeof endOf> {
    return endOf(this.yard.indexed.presence.get(this.id) ?? []);
  }

  /** Its wood and windows are not simply those of its kind in the open: it stood elsewhere, or was looked at, fed or worked on late. */
  get goesItsOwnWay(): boolean {
    return this.yard.tracks.versionsOf(this.record).length > 0;
  }

  /** What its mates say of its pace on a day; null where they say nothing. */
  mates(on: DayNumber): MatePrior | null {
    return matesOn(this.yard.tracks, this.record, on);
  }

  /** What other trees say of the eye that looked at this one; null where they say nothing. */
  eye(on: DayNumber): EyePrior | null {
    return eyeOn(this.yard.tracks.eyeOf(this.id), on);
  }

  /** Plants of the record on a day; 0 before it came and after it left. */
  plants(on: DayNumber): number {
    return plantsAt(this.yard.indexed, this.id, on);
  }

  /** Null before it came. */
  on(day: DayNumber | IsoDate): TreeOnDay | null {
    return this.yard.on(day).tree(this.id);
  }

  /** @internal asked through the day, which keeps it */
  make(on: DayNumber): TreeOnDay | null {
    return TreeOnDay.of(this, on);
  }

  /** Past and future as its page draws them; one that left is shown as it left. */
  picture(day: DayNumber | IsoDate): TreePicture | null {
    const asked = typeof day === "number" ? day : toDay(day);
    return treePicture(this, Math.min(asked, this.left?.day ?? asked));
  }
}
