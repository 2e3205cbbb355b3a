import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { connection } from '../../resources/js/api/connection'
import { whenThereIsANetwork } from '../../resources/js/frame/onDemand'

/** As a browser says it of a script that does not come. */
const failed = (): Promise<never> =>
    Promise.reject(new TypeError('Failed to fetch dynamically imported module'))

const serverIs = (up: boolean): void =>
    void vi.stubGlobal('fetch', () =>
        up ? Promise.resolve(new Response()) : Promise.reject(new TypeError('Failed to fetch')),
    )

describe('a script that does not come', () => {
    beforeEach(() => void vi.useFakeTimers())
    afterEach(() => {
        vi.useRealTimers()
        vi.unstubAllGlobals()
        connection.found(false)
    })

    it('is fetched again until there is a network', async () => {
        serverIs(false)
        const load = vi.fn<() => Promise<string>>(failed)
        const loaded = whenThereIsANetwork(load)
        await vi.advanceTimersByTimeAsync(5_000)
        expect(load.mock.calls.length).toBeGreaterThan(1)
        expect(connection.isDown()).toBe(true)

        load.mockResolvedValue('there')
        await vi.advanceTimersByTimeAsync(5_000)

        expect(await loaded).toBe('there')
    })

    it('is asked for once more and given up where somebody answers', async () => {
        serverIs(true)
        const load = vi.fn(failed)

        await expect(whenThereIsANetwork(load)).rejects.toThrow('Failed to fetch dynamically')
        expect(load).toHaveBeenCalledTimes(2)
    })
})
