/**
 * Where in an input a fault may lie, as the parts of the way with dots between: "changes.tag", "bags.0.litres". A field that is
 * renamed or gone no longer fits, and the form that asks for it does not build.
 */
export type FieldPath<T> = T extends string | number | boolean | null | undefined | Uint8Array
  ? never
  : T extends readonly (infer E)[]
    ? `${number}` | `${number}.${FieldPath<E>}`
    : { [K in keyof T & string]: K | `${K}.${FieldPath<NonNullable<T[K]>>}` }[keyof T & string];
