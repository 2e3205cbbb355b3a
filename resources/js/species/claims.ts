import type { Units } from '../api/types'
import { heldAs, shownAs } from '../units/measure'

/** A claim of adult size as it is typed. */
export interface ClaimTyped {
    length: string
    kind: string
    sex: string
    source: string
}

interface ClaimJson {
    length_mm: unknown
    kind: string
    sex?: string | null
    source?: string
}

export const noClaim: ClaimTyped = { length: '', kind: 'keepers', sex: '', source: '' }

export function claimsTyped(description: Record<string, unknown>, units: Units): ClaimTyped[] {
    const claims = (description.adult_size_claims ?? []) as ClaimJson[]
    return claims.map((one) => ({
        length: shownAs(one.length_mm as number, 'length', units),
        kind: one.kind,
        sex: one.sex ?? '',
        source: one.source ?? '',
    }))
}

/** The description with these claims; untouched when they are as before. Text that is no number is sent as it is, so that the answer can name it. */
export function claimsFrom(
    description: Record<string, unknown>,
    claims: readonly ClaimTyped[],
    units: Units,
): Record<string, unknown> {
    if (JSON.stringify(claims) === JSON.stringify(claimsTyped(description, units))) {
        return description
    }
    return {
        ...description,
        adult_size_claims: claims.map((one) => ({
            ...(one.length.trim() === '' ? {} : { length_mm: numberOr(heldAs(one.length, 'length', units)) }),
            kind: one.kind,
            ...(one.sex === '' ? {} : { sex: one.sex }),
            source: one.source,
        })),
    }
}

const numberOr = (text: string): number | string => (Number.isFinite(Number(text)) ? Number(text) : text)
