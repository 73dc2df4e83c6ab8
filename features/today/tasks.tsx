"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/today";
import { useState } from "react";
import type { Repeat, Task } from "@/core/today/index";
import { useAsOf } from "@/features/kernel/as-of";
import { CommandForm, useCommandForm } from "@/features/kernel/command-form";
import { useNotice } from "@/features/kernel/notice";
import { useDayAhead } from "@/features/kernel/rough-date";
import { useCommand } from "@/features/kernel/use-command";
import { latestDay } from "@/core/dates/index";
import { ChoiceInput, DateInput, TextInput } from "@/ui/form/inputs";
import { FormFaults } from "@/ui/fields";
import { REPEAT_CHOICES, repeatWords } from "@/words/today";

/** Jobs of one's own beside what the trees ask for. */
export function Tasks({ tasks, places }: { tasks: readonly Task[]; places: { id: string; name: string }[] }) {
  return (
    <details className="no-print border-base-300 mt-6 border-t pt-2" data-testid="tasks">
      <summary className="min-h-11 cursor-pointer content-center text-lg font-medium">
        {say.ownTasks}
        {tasks.length > 0 && ` (${tasks.length})`}
      </summary>
      <ul className="divide-base-300 divide-y">
        {tasks.map((task) => (
          <TaskRow key={task.taskId} task={task} places={places} />
        ))}
      </ul>
      <TaskForm places={places} />
    </details>
  );
}

function TaskRow({ task, places }: { task: Task; places: { id: string; name: string }[] }) {
  const { collectionId } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure } = useCommand("set-task");
  const place = places.find((p) => p.id === task.placeId)?.name;
  return (
    <li className="flex flex-wrap items-center gap-3 py-2">
      <span className="flex-1 basis-60">
        <b>{task.text}</b>, {repeatWords(task)}
        {place && `, ${place}`}
      </span>
      <button
        type="button"
        className="btn btn-sm min-h-11"
        disabled={busy}
        onClick={() =>
          void send({ collectionId, ...task, gone: true }).then(
            (done) => done && tell({ text: say.takenOut(task.text), entryId: done.entryId }),
          )
        }
      >
        {say.takeOut}
      </button>
      <FormFaults faults={failure?.faults ?? []} />
    </li>
  );
}

const EMPTY = { text: "", first: "today", every: "once" as keyof typeof EVERY, placeId: "" };
const EVERY = {
  once: null,
  day: { unit: "day", count: 1 },
  week: { unit: "week", count: 1 },
  fortnight: { unit: "week", count: 2 },
  month: { unit: "month", count: 1 },
  quarter: { unit: "month", count: 3 },
  year: { unit: "year", count: 1 },
} as const satisfies Record<string, Repeat | null>;

function TaskForm({ places }: { places: { id: string; name: string }[] }) {
  const { collectionId, today } = useAsOf();
  const { tell } = useNotice();
  const [taskId, setTaskId] = useState(() => crypto.randomUUID());
  const read = useDayAhead();
  const form = useCommandForm("set-task", {
    start: EMPTY,
    input: ({ text, first, every, placeId }, wrong) => {
      const { range, fault } = read(first);
      if (fault) wrong("first", fault);
      return {
        ...{ collectionId, taskId, text, first: range?.best ?? today, every: EVERY[every] },
        placeId: placeId === "" ? null : placeId,
      };
    },
    done: (done, { text }) => {
      tell({ text: say.onTheList(text), entryId: done.entryId });
      setTaskId(crypto.randomUUID());
    },
  });
  return (
    <CommandForm
      of={form}
      label={say.addATask}
      button={[say.addTheTask, common.adding]}
      className="mt-3 grid items-start gap-3 sm:grid-cols-2"
    >
      <TextInput name="text" label={say.whatIsToBeDone} className="sm:col-span-2" />
      <DateInput name="first" label={say.firstOn} read={read} today={today} ahead={latestDay(today)} exact needed />
      <ChoiceInput
        name="every"
        label={say.howOften}
        options={Object.keys(EVERY).map((key) => [key, REPEAT_CHOICES[key as keyof typeof EVERY]] as const)}
      />
      {places.length > 0 && (
        <ChoiceInput
          name="placeId"
          label={common.place}
          options={[["", "anywhere"] as const, ...places.map((p) => [p.id, p.name] as const)]}
        />
      )}
    </CommandForm>
  );
}
