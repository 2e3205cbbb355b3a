import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { asTyped, isTyped } from '../api/asTyped'
import type { WhatIfAsked } from '../api/queries'
import { whatIfQuery } from '../api/queries'
import { Refused } from '../api/refused'
import { useKeeper } from '../frame/keeper'
import { heldAs } from '../units/measure'

export interface Changes {
    ration: string
    temperature_c: string
    system_id: string
    adult: string
}

const NOTHING: Changes = { ration: '', temperature_c: '', system_id: '', adult: '' }

/** What was changed, and the future that follows; undefined while nothing is. */
export function useWhatIf(fishId: number) {
    const [changes, change] = useState<Changes>(NOTHING)
    const { units } = useKeeper()
    const asked = isTyped({ ...changes })
        ? asTyped<WhatIfAsked>({
              ...changes,
              temperature_c: heldAs(changes.temperature_c, 'temperature', units),
          })
        : null
    const answer = useQuery(whatIfQuery(fishId, asked))
    return {
        changes,
        change,
        clear: () => change(NOTHING),
        other: asked === null || answer.isError ? undefined : answer.data,
        refused: asked !== null && answer.error instanceof Refused ? answer.error : undefined,
    }
}
