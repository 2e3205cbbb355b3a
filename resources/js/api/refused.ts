import type { Problem } from './types'

/** An answer that is not a success, with the sentences to show. */
export class Refused extends Error {
    constructor(
        readonly status: number,
        readonly problem: Problem,
    ) {
        super(problem.message)
    }

    fieldError(field: string): string | undefined {
        return this.problem.errors?.[field]?.[0]
    }
}

/** No answer at all: the network or the server is away. */
export class Unreachable extends Error {}

/** Nobody answered; it waits on this device and is sent when somebody does. */
export class KeptHere extends Error {
    constructor(readonly entry: number) {
        super()
    }
}
