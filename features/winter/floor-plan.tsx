"use client";

import * as say from "@/words/pages/winter/floor-plan";
import {
  DndContext,
  type DragEndEvent,
  type DragMoveEvent,
  KeyboardSensor,
  PointerSensor,
  pointerWithin,
  rectIntersection,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
} from "@dnd-kit/core";
import type { CSSProperties } from "react";
import { indoorHome, OUTSIDE, type Quarter, type Standing } from "@/core/shelter/index";
import type { PlaceBuild } from "@/core/winter/index";
import { kilograms, metres, type Units } from "@/words/format";
import { FATE_WORDS, type Fate, LIGHT_WORDS, stepWords } from "@/words/layout";

const FATE_LOOK: Record<Fate | "unknown", { fill: string; edge: string; dash: string }> = {
  holds: { fill: "#dfe6cf", edge: "#5d6b3a", dash: "solid" },
  doubt: { fill: "#f3e2b8", edge: "#8a5a12", dash: "dashed" },
  danger: { fill: "#f0cfc4", edge: "#9b2f1f", dash: "double" },
  unknown: { fill: "#efe9da", edge: "#6f6a5a", dash: "dotted" },
};
/** Smaller circles carry their name on hover and in the list only, px. */
const NAMED_FROM_PX = 30;
/** Widest a circle is drawn that lies on no floor, px. */
const LOOSE_PX = 84;
/** Places are resized and doors shifted in steps of so much, m. */
const STEP_M = 0.05;
/** A place's heading needs so much, px. */
const HEAD_PX = 300;
/** Space between a place's wall and its frame, px: doors and handles lie there. */
const FRAME_PX = 10;

interface PlanPlace {
  quarter: Quarter;
  used: string;
}

export interface FloorPlanProps {
  places: readonly PlanPlace[];
  standings: readonly Standing[];
  assignment: Readonly<Record<string, string>>;
  spots: Readonly<Record<string, { xM: number; yM: number }>>;
  fate: (s: Standing) => Fate | null;
  selected: string | null;
  pxPerM: number;
  units: Units;
  onSelect: (id: string) => void;
  onPlace: (id: string) => void;
  /** Over a place while dragged, null when over none. */
  onOver: (standingId: string, placeId: string | null) => void;
  onDrop: (standingId: string, placeId: string, xM: number, yM: number) => void;
  onResize: (placeId: string, build: Partial<PlaceBuild>) => void;
}

/** The places from above, to one scale; pots are dragged from one to another, walls and doors by their handles. */
export function FloorPlan(props: FloorPlanProps) {
  const { places, standings, assignment, pxPerM, onOver, onDrop, onResize } = props;
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 5 } }),
    useSensor(KeyboardSensor, {
      coordinateGetter: (event, { currentCoordinates: at }) => {
        const step = event.shiftKey ? 5 : 25;
        const moves: Record<string, [number, number]> = {
          ArrowLeft: [-step, 0],
          ArrowRight: [step, 0],
          ArrowUp: [0, -step],
          ArrowDown: [0, step],
        };
        const move = moves[event.code];
        if (!move) return undefined;
        event.preventDefault();
        return { x: at.x + move[0], y: at.y + move[1] };
      },
    }),
  );
  const kindOf = (id: string) => id.split(":", 1)[0];
  const move = ({ active, over }: DragMoveEvent) => {
    const id = String(active.id);
    if (kindOf(id) === "pot") onOver(id.slice(4), over ? String(over.id) : null);
  };
  const end = ({ active, over, delta }: DragEndEvent) => {
    const id = String(active.id);
    const [kind, rest] = [kindOf(id), id.slice(kindOf(id).length + 1)];
    if (kind === "pot") {
      onOver(rest, null);
      const rect = active.rect.current.translated;
      if (!over || !rect) return;
      const x = (rect.left + rect.width / 2 - over.rect.left - FRAME_PX) / pxPerM;
      const y = (rect.top + rect.height / 2 - over.rect.top - FRAME_PX) / pxPerM;
      onDrop(rest, String(over.id), Math.max(0, x), Math.max(0, y));
      return;
    }
    const build = places.find((p) => p.quarter.id === rest)?.quarter.build;
    if (!build || build.lengthM === null || build.widthM === null) return;
    const step = (v: number) => Math.max(0.3, Math.round(v / STEP_M) * STEP_M);
    const round = (v: number) => Math.round(100 * v) / 100;
    if (kind === "corner")
      onResize(rest, {
        lengthM: round(step(build.lengthM + delta.x / pxPerM)),
        widthM: round(step(build.widthM + delta.y / pxPerM)),
      });
    if (kind === "door" && build.doorM !== null) {
      const at = (build.doorAtM ?? build.lengthM / 2) + delta.x / pxPerM;
      onResize(rest, {
        doorAtM: round(step(Math.min(build.lengthM - build.doorM / 2, Math.max(build.doorM / 2, at)))),
      });
    }
  };
  const quarters = places.map((p) => p.quarter);
  const stay = standings.filter((s) => (assignment[s.id] ?? OUTSIDE) === OUTSIDE);
  const homes = stay.map((s) => indoorHome(s, quarters)?.name ?? null);
  const outside = stay.filter((_, i) => homes[i] === null);
  const indoors = [...new Set(homes.filter((name) => name !== null))].map((name) => ({
    name,
    pots: stay.filter((_, i) => homes[i] === name),
  }));
  return (
    <DndContext
      id="winter"
      sensors={sensors}
      collisionDetection={(args) => {
        const within = pointerWithin(args);
        return within.length > 0 ? within : rectIntersection(args);
      }}
      onDragMove={move}
      onDragEnd={end}
      onDragCancel={({ active }) => onOver(String(active.id).slice(4), null)}
    >
      <div className="flex flex-wrap items-start gap-x-6 gap-y-5">
        {places.map((p) => (
          <Place key={p.quarter.id} place={p} {...props} />
        ))}
        {indoors.map(({ name, pots }) => (
          <AtHome key={name} name={name} pots={pots} {...props} />
        ))}
        <Outside {...props} outside={outside} />
      </div>
    </DndContext>
  );
}

function Place({ place: { quarter, used }, ...props }: FloorPlanProps & { place: PlanPlace }) {
  const { standings, assignment, spots, pxPerM, units, onPlace } = props;
  const { setNodeRef, isOver } = useDroppable({ id: quarter.id });
  const { lengthM, widthM, doorM, doorAtM } = quarter.build;
  const there = standings.filter((s) => assignment[s.id] === quarter.id);
  const measured = lengthM !== null && widthM !== null;
  const laid = measured ? there.filter((s) => spots[s.id]) : [];
  const loose = there.filter((s) => !laid.includes(s));
  return (
    <section
      aria-label={quarter.name}
      className="max-w-full"
      style={measured ? { width: Math.max(HEAD_PX, lengthM * pxPerM + 2 * FRAME_PX) } : undefined}
    >
      <h2 className="text-base">
        <button type="button" className="link text-left font-semibold" onClick={() => onPlace(quarter.id)}>
          {quarter.name}
        </button>{" "}
        <span className="text-sm font-normal">
          {measured ? `${metres(lengthM, units)} × ${metres(widthM, units)}` : say.notMeasured},{" "}
          {LIGHT_WORDS[quarter.light]}
          {quarter.build.steps > 0 ? `, ${stepWords(quarter.build.steps)}` : ""}; {used}
        </span>
      </h2>
      <div
        ref={setNodeRef}
        className={`relative mt-1 ${isOver ? "outline-accent outline-4" : ""}`}
        style={
          measured
            ? { width: lengthM * pxPerM + 2 * FRAME_PX, height: widthM * pxPerM + 2 * FRAME_PX }
            : { minWidth: 220, minHeight: 60 }
        }
        data-place={quarter.id}
      >
        {measured && (
          <div
            className="absolute border-[5px] border-[#6b6250] bg-base-100"
            style={{
              left: FRAME_PX - 5,
              top: FRAME_PX - 5,
              width: lengthM * pxPerM + 10,
              height: widthM * pxPerM + 10,
            }}
          />
        )}
        {measured && doorM !== null && (
          <Door
            id={quarter.id}
            name={quarter.name}
            doorM={doorM}
            atM={doorAtM ?? lengthM / 2}
            widthM={widthM}
            pxPerM={pxPerM}
          />
        )}
        {laid.map((s) => (
          <Pot
            key={s.id}
            standing={s}
            {...props}
            style={{
              position: "absolute",
              left: FRAME_PX + (spots[s.id].xM - s.widthM / 2) * pxPerM,
              top: FRAME_PX + (spots[s.id].yM - s.widthM / 2) * pxPerM,
            }}
          />
        ))}
        {measured && <Corner id={quarter.id} name={quarter.name} />}
      </div>
      {there.length > 0 && <ByName {...props} named={there} />}
      {loose.length > 0 && (
        <div className="mt-1 flex flex-wrap gap-1">
          {measured && <p className="w-full text-sm">{say.noRoomOnTheFloor}</p>}
          {loose.map((s) => (
            <Pot key={s.id} standing={s} {...props} style={{}} />
          ))}
        </div>
      )}
    </section>
  );
}

/** The same pots as words: small circles are no targets for a thumb. */
function ByName({ named, fate, selected, onSelect, units }: FloorPlanProps & { named: readonly Standing[] }) {
  return (
    <details className="mt-1">
      <summary className="min-h-8 cursor-pointer text-sm">
        {named.length === 1 ? say.n1PotByName : say.potsByName(named.length)}
      </summary>
      <ul className="flex flex-wrap gap-1">
        {named.map((s) => {
          const is = fate(s);
          return (
            <li key={s.id}>
              <button
                type="button"
                aria-pressed={selected === s.id}
                onClick={() => onSelect(s.id)}
                className="rounded-field min-h-10 border-2 px-2 text-sm aria-pressed:outline-3"
                style={{ borderColor: FATE_LOOK[is ?? "unknown"].edge, background: FATE_LOOK[is ?? "unknown"].fill }}
              >
                <b>{s.tag}</b> {s.name}, {kilograms(s.massKg, units)}
              </button>
            </li>
          );
        })}
      </ul>
    </details>
  );
}

/** At home indoors all year: they stay there, off the drawing of the floor. */
function AtHome({ name, pots, ...props }: FloorPlanProps & { name: string; pots: readonly Standing[] }) {
  return (
    <section aria-label={say.stayIn(name)} className="w-full">
      <h2 className="text-base font-semibold">
        {say.stayInAllYear(name)}
        <span className="text-sm font-normal">({pots.length})</span>
      </h2>
      <div className="mt-1 flex min-h-14 flex-wrap items-end gap-1 border-t-4 border-double border-[#8d7355] pt-2">
        {pots.map((s) => (
          <Pot key={s.id} standing={s} {...props} style={{}} />
        ))}
      </div>
    </section>
  );
}

/** Those that stay out wait along the wall. */
function Outside({ outside, ...props }: FloorPlanProps & { outside: readonly Standing[] }) {
  const { setNodeRef, isOver } = useDroppable({ id: OUTSIDE });
  return (
    <section aria-label={say.outside} className="w-full">
      <h2 className="text-base font-semibold">
        {say.stayWhereTheyAreIn}
        <span className="text-sm font-normal">({outside.length})</span>
      </h2>
      <div
        ref={setNodeRef}
        className={`mt-1 flex min-h-14 flex-wrap items-end gap-1 border-t-4 border-dashed border-[#8d7355] pt-2 ${isOver ? "outline-accent outline-4" : ""}`}
        data-place={OUTSIDE}
      >
        {outside.map((s) => (
          <Pot key={s.id} standing={s} {...props} style={{}} />
        ))}
      </div>
    </section>
  );
}

function Pot({
  standing: s,
  style,
  fate,
  selected,
  pxPerM,
  units,
  onSelect,
}: FloorPlanProps & { standing: Standing; style: CSSProperties }) {
  const { attributes, listeners, setNodeRef, transform, isDragging } = useDraggable({ id: `pot:${s.id}` });
  // Off the floor nothing needs to be to scale: a batch of hundreds stays in sight.
  const size = style.position ? s.widthM * pxPerM : Math.min(LOOSE_PX, s.widthM * pxPerM);
  const is = fate(s);
  const look = FATE_LOOK[is ?? "unknown"];
  const words = `${s.tag}, ${s.name}${s.plants > 1 ? say.plants(s.plants) : ""}, ${kilograms(s.massKg, units)}${is ? `, ${FATE_WORDS[is]}` : ""}`;
  return (
    <button
      ref={setNodeRef}
      {...attributes}
      {...listeners}
      type="button"
      aria-label={words}
      title={words}
      data-pot={s.tag}
      data-fate={is ?? "unknown"}
      onClick={() => onSelect(s.id)}
      className={`grid touch-none place-items-center overflow-hidden rounded-full text-center leading-none ${selected === s.id ? "ring-accent z-10 ring-4" : ""} ${isDragging ? "z-20 opacity-80" : ""}`}
      style={{
        ...style,
        width: size,
        height: size,
        minWidth: 12,
        minHeight: 12,
        background: look.fill,
        border: `${look.dash === "double" ? 4 : 2}px ${look.dash} ${look.edge}`,
        transform: transform ? `translate(${transform.x}px, ${transform.y}px)` : undefined,
      }}
    >
      {s.potM < s.widthM && (
        <span
          className="pointer-events-none absolute rounded-full border border-dashed border-[#b9ae90]"
          style={{ width: (size * s.potM) / s.widthM, height: (size * s.potM) / s.widthM }}
        />
      )}
      {size >= NAMED_FROM_PX && (
        <span
          className="pointer-events-none relative text-[10px] font-semibold text-[#2c2a22]"
          style={{ fontSize: Math.min(13, Math.max(9, size / 4)) }}
        >
          {s.tag.split(" + ")[0]}
          {size >= 2 * NAMED_FROM_PX && <span className="block font-normal">{kilograms(s.massKg, units)}</span>}
        </span>
      )}
    </button>
  );
}

/** A door at its true width, shifted along its wall. */
function Door({
  id,
  name,
  doorM,
  atM,
  widthM,
  pxPerM,
}: {
  id: string;
  name: string;
  doorM: number;
  atM: number;
  widthM: number;
  pxPerM: number;
}) {
  const { attributes, listeners, setNodeRef, transform } = useDraggable({ id: `door:${id}` });
  return (
    <button
      ref={setNodeRef}
      {...attributes}
      {...listeners}
      type="button"
      aria-label={say.doorOfShiftItAlong(name)}
      title={say.theDoorDragItAlong}
      className="absolute cursor-ew-resize touch-none bg-[#e8dcc0]"
      style={{
        left: FRAME_PX + (atM - doorM / 2) * pxPerM,
        top: FRAME_PX + widthM * pxPerM - 2,
        width: doorM * pxPerM,
        height: 14,
        transform: transform ? `translateX(${transform.x}px)` : undefined,
      }}
    />
  );
}

/** The corner by which a place is made larger or smaller. */
function Corner({ id, name }: { id: string; name: string }) {
  const { attributes, listeners, setNodeRef, transform } = useDraggable({ id: `corner:${id}` });
  return (
    <button
      ref={setNodeRef}
      {...attributes}
      {...listeners}
      type="button"
      aria-label={say.cornerOfMakeItLarger(name)}
      title={say.dragToMakeThePlace}
      className="absolute right-0 bottom-0 size-5 cursor-nwse-resize touch-none rounded-sm border-2 border-[#6b6250] bg-base-100"
      style={{ transform: transform ? `translate(${transform.x}px, ${transform.y}px)` : undefined }}
    />
  );
}
