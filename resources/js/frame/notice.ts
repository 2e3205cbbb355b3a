import { createContext, useContext } from 'react'

/** What was last done, said at the foot of the sheet, with a way back. */
export interface Notice {
    text: string
    undo?: () => void
}

export interface Notices {
    notice: Notice | null
    say: (notice: Notice | null) => void
}

export const NoticeContext = createContext<Notices | null>(null)

export function useNotices(): Notices {
    const notices = useContext(NoticeContext)
    if (notices === null) {
        throw new Error('useNotices is used outside of NoticeContext.Provider.')
    }
    return notices
}
