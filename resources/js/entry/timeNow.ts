const two = (n: number): string => String(n).padStart(2, '0')

/** What the clock on the wall shows, as HH:MM. */
export const timeNow = (now = new Date()): string => `${two(now.getHours())}:${two(now.getMinutes())}`

/** The day by the clock on the wall, as YYYY-MM-DD. */
export const dayNow = (now = new Date()): string =>
    `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`

/** As YYYY-MM-DDTHH:MMZ: sent along with what has no day of its own, so that it may come later. */
export const momentNow = (now = new Date()): string => `${now.toISOString().slice(0, 16)}Z`
