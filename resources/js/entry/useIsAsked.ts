import { useState } from 'react'

/** What is known of the last refusal; see useWrite. */
interface Refused {
    fieldError: (field: string) => string | undefined
    problem: { question?: unknown } | undefined
}

/**
 * It was asked whether what stands on the form can be; no longer once something else stands there.
 *
 * @param standing all that stands there
 */
export function useIsAsked(standing: unknown, { fieldError, problem }: Refused): boolean {
    const typed = JSON.stringify(standing)
    const [asked, setAsked] = useState({ fieldError, typed })
    if (asked.fieldError !== fieldError) {
        setAsked({ fieldError, typed })
    }
    return problem?.question != null && asked.typed === typed
}
