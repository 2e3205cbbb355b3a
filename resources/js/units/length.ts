import type { Units } from '../api/types'

const MM_PER_INCH = 25.4
const MM_PER_CM = 10

export interface LengthUnit {
    word: 'cm' | 'in'
    mm: number
}

export function unitOf({ length }: Units): LengthUnit {
    return length === 'metric' ? { word: 'cm', mm: MM_PER_CM } : { word: 'in', mm: MM_PER_INCH }
}

/** As a measured length is written: one decimal. */
export function measured(mm: number, unit: LengthUnit): string {
    return `${(mm / unit.mm).toFixed(1)} ${unit.word}`
}

/** As a projected length is written: whole centimetres, tenths of an inch. */
export function projected(mm: number, unit: LengthUnit): string {
    return `${bare(mm, unit)} ${unit.word}`
}

export function bare(mm: number, unit: LengthUnit): string {
    return unit.word === 'cm' ? (mm / unit.mm).toFixed(0) : (mm / unit.mm).toFixed(1)
}

/** Sizes of homes. */
export function metres(mm: number, { length }: Units): string {
    return length === 'metric' ? `${trimmed(mm / 1000)} m` : `${trimmed(mm / 304.8)} ft`
}

function trimmed(value: number): string {
    return String(Math.round(value * 10) / 10)
}
