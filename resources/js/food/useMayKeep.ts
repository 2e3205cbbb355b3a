import { useKeeper } from '../frame/keeper'

/** Who may set more than what happened. */
export const useMayKeep = (): boolean => ['owner', 'keeper'].includes(useKeeper().role)
