/** A candidate as it is typed. */
export interface CandidateTyped {
    kind: string
    count: string
    length: string
    price: string
    health: string
    served: string
    fallback: string
}

export const noCandidate = (kind = ''): CandidateTyped => ({ kind, count: '1', length: '', price: '', health: 'well', served: '', fallback: '' })

/** As the address query of the API; empty while no kind is chosen. */
export function askedOf(typed: CandidateTyped, kindId: number | undefined): string {
    if (kindId === undefined) {
        return ''
    }
    const asked = { kind_id: String(kindId), count: typed.count, length: typed.length, price: typed.price, health: typed.health, quarantine_served: typed.served, fallback: typed.fallback }
    return new URLSearchParams(Object.entries(asked).filter(([, value]) => value.trim() !== '')).toString()
}
