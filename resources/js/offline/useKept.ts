import { useQuery } from '@tanstack/react-query'
import type { Address, Body, Named, Write } from '../api/client'
import { useKeeper } from '../frame/keeper'
import { lastKept } from './lastKept'
import { keptQuery } from './queries'

/** What was written last to an address of that kind and waits on this device, so that it shows as done; undefined: nothing waits. */
export function useKeptOf<M extends Write, P extends Address<M>>(
    method: M,
    path: P,
): (named: Named<M, P>) => Body<M, P> | undefined {
    const entries = useQuery(keptQuery(useKeeper().id)).data ?? []
    return (named) =>
        lastKept(entries, { method, path, named: named as object })?.body as Body<M, P> | undefined
}

/** The same of one. */
export const useKept = <M extends Write, P extends Address<M>>(
    method: M,
    path: P,
    named: Named<M, P>,
): Body<M, P> | undefined => useKeptOf(method, path)(named)
