import type { ComponentType } from 'react'
import { lazy } from 'react'

/** A component whose script is fetched when it is first drawn. */
export function onDemand<Name extends string, Props>(
    load: () => Promise<Record<Name, ComponentType<Props>>>,
    name: Name,
) {
    return lazy(() => load().then((module) => ({ default: module[name] })))
}
