/** What the clock on the wall shows, as HH:MM. */
export function timeNow(): string {
    const now = new Date()
    return `${String(now.getHours()).padStart(2, '0')}:${String(now.getMinutes()).padStart(2, '0')}`
}
