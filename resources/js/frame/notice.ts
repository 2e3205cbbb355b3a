import { createContext, useContext, useEffect, useState } from 'react'

/** What was last done, said at the foot of the sheet, with a way back. */
export interface Notice {
    text: string
    undo?: () => void
}

export interface Notices {
    notice: Notice | null
    say: (notice: Notice | null) => void
}

/** Long enough to be read twice; what can be taken back stays until it is put away. */
const READ_MS = 15_000

export function useNotice(): Notices {
    const [notice, say] = useState<Notice | null>(null)
    useEffect(() => {
        if (notice === null || notice.undo !== undefined) {
            return undefined
        }
        const read = setTimeout(() => say(null), READ_MS)
        return () => clearTimeout(read)
    }, [notice])
    return { notice, say }
}

export const NoticeContext = createContext<Notices | null>(null)

export function useNotices(): Notices {
    const notices = useContext(NoticeContext)
    if (notices === null) {
        throw new Error('useNotices is used outside of NoticeContext.Provider.')
    }
    return notices
}
