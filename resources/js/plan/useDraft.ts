import { useState } from 'react'
import type { Draft } from './draft'
import { EMPTY } from './draft'

export interface DraftHistory {
    draft: Draft
    /** How many steps can be undone. */
    steps: number
    change: (next: Draft) => void
    undo: () => void
    clear: () => void
}

/** What is tried, step by step, each to be undone. */
export function useDraft(): DraftHistory {
    const [history, setHistory] = useState<readonly Draft[]>([EMPTY])
    return {
        draft: history.at(-1) ?? EMPTY,
        steps: history.length - 1,
        change: (next) => setHistory((before) => [...before, next]),
        undo: () => setHistory((before) => (before.length > 1 ? before.slice(0, -1) : before)),
        clear: () => setHistory([EMPTY]),
    }
}
