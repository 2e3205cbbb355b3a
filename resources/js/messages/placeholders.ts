/**
 * The names of the placeholders of an ICU pattern, read by the compiler: a
 * call that forgets one, or gives one too many, does not compile.
 */
export type Placeholders<Pattern extends string> = Underived<InMessage<Pattern>>

/** Placeholders that are worked out from a value: "n_words" from "n". */
type Underived<Name extends string> = Name extends
    | `${infer Base}_words`
    | `${infer Base}_Words`
    | `${infer Base}_percent`
    ? Base
    : Name

/** At the top, or in a branch of an argument: Depth holds one entry for each branch that is open. */
type InMessage<S extends string, Depth extends unknown[] = []> = S extends `${infer Before}{${infer Rest}`
    ? Before extends `${string}}${string}`
        ? S extends `${string}}${infer AfterBranch}`
            ? InArgument<AfterBranch, Tail<Depth>>
            : never
        : InName<Rest, Depth>
    : S extends `${string}}${infer AfterBranch}`
      ? InArgument<AfterBranch, Tail<Depth>>
      : never

/** Behind an opening brace: "name}" or "name, plural, one {…} other {…}}". */
type InName<S extends string, Depth extends unknown[]> = S extends `${infer Simple}}${infer Rest}`
    ? Simple extends `${infer Name},${string}`
        ? Name | InArgument<S extends `${Name},${infer Branches}` ? Branches : never, Depth>
        : Simple | InMessage<Rest, Depth>
    : never

/** Between the branches of an argument. */
type InArgument<S extends string, Depth extends unknown[]> = S extends `${infer Before}{${infer Rest}`
    ? Before extends `${string}}${string}`
        ? S extends `${string}}${infer After}`
            ? InMessage<After, Depth>
            : never
        : InMessage<Rest, [...Depth, 0]>
    : S extends `${string}}${infer After}`
      ? InMessage<After, Depth>
      : never

type Tail<T extends unknown[]> = T extends [unknown, ...infer Rest] ? Rest : []
