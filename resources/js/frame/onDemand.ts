import type { ComponentType } from 'react'
import { lazy } from 'react'
import { connection } from '../api/connection'
import { ping } from '../api/send'

const AGAIN_MS = 2_000

/** A component whose script is fetched when it is first drawn. */
export function onDemand<Name extends string, Props>(
    load: () => Promise<Record<Name, ComponentType<Props>>>,
    name: Name,
) {
    return lazy(() => whenThereIsANetwork(load).then((module) => ({ default: module[name] })))
}

/**
 * Loads, and again while nobody answers: a network that is gone takes nothing down that is drawn already.
 *
 * @throws what the last try has thrown, where somebody answers: a script that is there no longer
 */
export async function whenThereIsANetwork<T>(load: () => Promise<T>): Promise<T> {
    try {
        return await load()
    } catch {
        await ping()
        if (!connection.isDown()) {
            return load()
        }
        await new Promise((wait) => setTimeout(wait, AGAIN_MS))
        return whenThereIsANetwork(load)
    }
}
