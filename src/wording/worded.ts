/** The same keys with any words in them: what another language must have. */
export type Worded<T> = {
  readonly [Key in keyof T]: T[Key] extends (...args: infer A) => string
    ? (...args: A) => string
    : T[Key] extends string
      ? string
      : T[Key]
}
