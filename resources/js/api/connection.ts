/** Whether the server answers, as the last request found. Asking this needs no network. */
let isDown = false

const listeners = new Set<() => void>()

export const connection = {
    isDown: (): boolean => isDown,

    /** @returns how it leaves */
    subscribe: (listener: () => void): (() => void) => {
        listeners.add(listener)
        return () => listeners.delete(listener)
    },

    /** What a request has found. */
    found: (down: boolean): void => {
        if (isDown !== down) {
            isDown = down
            listeners.forEach((listener) => listener())
        }
    },
}

/** Of a question that was answered from what the device keeps, by its name in the cache: when that was known, in milliseconds. */
export const keptAges = new Map<string, number>()
