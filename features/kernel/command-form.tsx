"use client";

import { type ReactNode, useEffect, useMemo } from "react";
import {
  type DefaultValues,
  type FieldValues,
  FormProvider,
  type Path,
  useForm,
  type UseFormReturn,
} from "react-hook-form";
import type { CommandField, CommandName, CommandSent } from "@/contract/index";
import { hasField } from "@/ui/form/has-field";
import { type FieldProblem, resolverOf } from "@/ui/form/resolver";
import { Form, FormFaults } from "@/ui/fields";
import { useUnits } from "./as-of";
import { type Done, foundHere, inWords, useCommand } from "./use-command";

/** Told to a form by what makes its input: a field that cannot be read. */
type Tell<N extends CommandName> = (path: CommandField<N>, message: string) => void;

interface Asked<N extends CommandName, V extends FieldValues> {
  /** What the form begins with, and goes back to once it is sent. */
  start: V;
  /** The command as the form's values make it; what cannot be read is told at its field. */
  input: (values: V, wrong: Tell<N>) => CommandSent<N>;
  done: (done: Done<N>, values: V) => void;
}

interface CommandForm<V extends FieldValues> {
  form: UseFormReturn<V>;
  submit: () => Promise<void>;
  busy: boolean;
  /** Faults of no field of the form. */
  unplaced: readonly FieldProblem[];
}

/**
 * A form on a command's own schema: everything wrong with it is told at once and at its field, by the rule the server goes by, before
 * anything is sent; what the server alone can know comes back to the same fields. What was typed stays until it is recorded.
 */
export function useCommandForm<N extends CommandName, V extends FieldValues>(
  name: N,
  { start, input, done }: Asked<N, V>,
): CommandForm<V> {
  const units = useUnits();
  const { send, busy, failure } = useCommand(name);
  const form = useForm<V>({
    defaultValues: start as DefaultValues<V>,
    resolver: resolverOf<V>(async (values) => {
      const own: FieldProblem[] = [];
      const sent = input(values, (path, message) => own.push({ path, message }));
      return [...own, ...inWords((await foundHere(name, sent)) ?? [], units)];
    }),
  });
  const submit = form.handleSubmit(async (values) => {
    const answer = await send(input(values, () => undefined));
    if (!answer) return;
    form.reset(start);
    done(answer, values);
  });
  const { formState, setError } = form;
  // What only the server could find stands at its field until the form is sent again.
  useEffect(() => {
    for (const { path, message } of failure?.faults ?? [])
      if (hasField(start, path)) setError(path as Path<V>, { type: "server", message });
  }, [failure, start, setError]);
  const unplaced = useMemo(() => {
    const found = Object.entries(formState.errors).flatMap(([path, error]) =>
      typeof error?.message === "string" ? [{ path, message: error.message }] : [],
    );
    return [...found, ...(failure?.faults ?? [])].filter((f) => !hasField(start, f.path));
  }, [formState, failure, start]);
  return { form, submit: () => submit(), busy, unplaced };
}

/** The form around its inputs, with its one button. */
export function CommandForm<V extends FieldValues>({
  of,
  label,
  button,
  className = "space-y-3",
  children,
}: {
  of: CommandForm<V>;
  label?: string;
  /** Its words, and those while it is sent. */
  button: readonly [string, string];
  className?: string;
  children: ReactNode;
}) {
  return (
    <FormProvider {...of.form}>
      <Form className={className} label={label} onSubmit={of.submit}>
        {children}
        <FormFaults faults={of.unplaced} />
        <button type="submit" className="btn btn-primary" disabled={of.busy}>
          {button[of.busy ? 1 : 0]}
        </button>
      </Form>
    </FormProvider>
  );
}
