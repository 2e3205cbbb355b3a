import { useEffect, useState } from 'react'

const SECOND = 1000

/** The time, told each second. */
export function useNow(): number {
    const [now, setNow] = useState(() => Date.now())
    useEffect(() => {
        const ticking = setInterval(() => setNow(Date.now()), SECOND)
        return () => clearInterval(ticking)
    }, [])
    return now
}
