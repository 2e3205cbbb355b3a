import type { PoolForm, SystemRequest } from '../api/types'
import type { LengthUnit } from '../units/length'

/** A system while it is typed: every field is text until the server has read it. */
export type SystemTyped = Omit<SystemRequest, 'version'> & { version?: number }

/** What the form holds: the system as a whole, so that any part of it can be set. */
export interface SystemForm {
    system: SystemTyped
}

/** Glass as it is usually sold for a tank that one begins with. */
const USUAL_GLASS: Record<LengthUnit['word'], string> = { cm: '1 cm', in: '3/8 in' }

/** Of what has glass the outside is measured; a pond is measured inside. */
const isMeasuredOutside = (kind: SystemTyped['kind']): boolean => kind !== 'pond'

export const newPool = ({ word }: LengthUnit, kind: SystemTyped['kind']): PoolForm => ({
    type: 'box',
    outside: isMeasuredOutside(kind),
    glass: USUAL_GLASS[word],
    length: '',
    width: '',
    depth: '',
})

export const newSystem = (unit: LengthUnit): SystemTyped => ({
    name: '',
    kind: 'tank',
    pools: [newPool(unit, 'tank')],
    temperature: '',
    months: null,
    salinity: 'fresh',
    fittings: [],
    dividers: [],
    light_window: false,
})

/** The same as another kind; how a new one is measured follows, where that is another way. */
export const ofKind = (typed: SystemTyped, kind: SystemTyped['kind'], isNew: boolean): SystemTyped => {
    const outside = isMeasuredOutside(kind)
    const isOtherWay = isNew && outside !== isMeasuredOutside(typed.kind)
    return {
        ...typed,
        kind,
        pools: isOtherWay ? typed.pools.map((pool) => ({ ...pool, outside })) : typed.pools,
    }
}

export type PoolSize = 'length' | 'width' | 'depth' | 'diameter' | 'leg_length' | 'leg_width' | 'bow'

/** What is measured of each shape. */
export const sizesOf: Record<PoolForm['type'], readonly PoolSize[]> = {
    box: ['length', 'width', 'depth'],
    round: ['diameter', 'depth'],
    l: ['length', 'width', 'leg_length', 'leg_width', 'depth'],
    bow: ['length', 'width', 'bow', 'depth'],
    outline: ['depth'],
}

/** Only the members of the chosen shape are sent: what another shape left behind would be refused. */
export function asSent(typed: SystemTyped): SystemTyped {
    return {
        ...typed,
        pools: typed.pools.map((pool) => {
            const sizes = Object.fromEntries(sizesOf[pool.type].map((size) => [size, pool[size] ?? '']))
            const isOutline = pool.type === 'outline'
            return {
                type: pool.type,
                outside: !isOutline && (pool.outside ?? false),
                ...sizes,
                ...(isOutline
                    ? { points: pool.points ?? [] }
                    : { glass: pool.outside === true ? (pool.glass ?? null) : null }),
            }
        }),
    }
}

/** What can be worked out already: months that are still being typed are left out. */
export function asDrawn(typed: SystemTyped): SystemTyped {
    const isWhole = typed.months?.every((month) => month.trim() !== '') ?? true
    return asSent(isWhole ? typed : { ...typed, months: null, temperature: '' })
}

/** Whether enough is typed to work out what it comes to. */
export const isDrawable = (typed: SystemTyped): boolean =>
    typed.pools.every(
        (pool) =>
            sizesOf[pool.type].every((size) => (pool[size] ?? '').trim() !== '') &&
            (pool.type !== 'outline' || (pool.points ?? []).length > 2),
    )

/** Corners as text, one a line, in metres or feet of so many millimetres. */
export const cornersText = (points: readonly number[][], unitMm: number): string =>
    points.map(([x, y]) => `${rounded((x ?? 0) / unitMm)}, ${rounded((y ?? 0) / unitMm)}`).join('\n')

const rounded = (value: number): number => Math.round(value * 1000) / 1000

/** The other way round; lines that are no two numbers are left out. */
export const cornersFrom = (text: string, unitMm: number): number[][] =>
    text
        .split('\n')
        .map((line) =>
            line
                .split(/[,;\s]+/)
                .filter((part) => part !== '')
                .map((part) => Number(part) * unitMm),
        )
        .filter((pair) => pair.length === 2 && pair.every(Number.isFinite))
