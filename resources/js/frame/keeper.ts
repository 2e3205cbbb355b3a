import { createContext, useContext } from 'react'
import type { Keeper } from '../api/types'
import type { LengthUnit } from '../units/length'
import { unitOf } from '../units/length'

export const KeeperContext = createContext<Keeper | null>(null)

/** Who is signed in; only below the frame. */
export function useKeeper(): Keeper {
    const keeper = useContext(KeeperContext)
    if (keeper === null) {
        throw new Error('useKeeper is used outside of KeeperContext.Provider: nobody is signed in there.')
    }
    return keeper
}

/** Plans and arranges; others write down what happened, or look. */
export function useMayKeep(): boolean {
    const { role } = useKeeper()
    return role === 'owner' || role === 'keeper'
}

export function useUnit(): LengthUnit {
    return unitOf(useKeeper().units)
}
