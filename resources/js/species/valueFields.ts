import { acquireWords } from '../words/acquire'
import { layerWords, temperWords } from '../words/species'

type Json = Record<string, unknown>

interface Shared {
    /** Member of the description, and of it the part, if it has parts. */
    field: string
    part?: string
    label: string
}

/** How one value of a species is shown and typed. */
export type ValueField = Shared &
    (
        | { type: 'number' | 'text' }
        | { type: 'lines' }
        /** A list of records, one a line, written by a pattern. */
        | { type: 'records'; toLine: (record: Json) => string; fromLine: (line: string) => unknown }
        | { type: 'choice'; options: Record<string, string> }
    )

const yesNo = { false: 'no', true: 'yes' }

const parts = (field: string, label: string, names: Record<string, string>): ValueField[] =>
    Object.entries(names).map(([part, word]) => ({ field, part, label: `${label}, ${word}`, type: 'number' }))

const range = { low: 'low', typical: 'usual', high: 'high' }
const span = { low: 'from', high: 'to' }

/** Every value of a species that its keeper can change, in groups, in the words of the scenario format. */
export const valueGroups: { title: string; fields: ValueField[] }[] = [
    {
        title: 'What it is',
        fields: [
            { field: 'common_name', label: 'Name', type: 'text' },
            { field: 'scientific_name', label: 'Scientific name', type: 'text' },
            { field: 'genus', label: 'Genus, of a hybrid', type: 'text' },
            { field: 'region', label: 'From', type: 'text' },
            ...parts('lifespan_years', 'Lives, years', span),
        ],
    },
    {
        title: 'How it grows',
        fields: [
            ...parts('adult_length_mm', 'Adult length, mm', range),
            ...parts('growth_coefficient_per_year', 'Growth coefficient per year', range),
            {
                field: 'curve',
                label: 'Curve',
                type: 'choice',
                options: {
                    'von-bertalanffy': 'von Bertalanffy',
                    gompertz: 'Gompertz',
                    logistic: 'logistic',
                    average: 'their average',
                },
            },
            {
                field: 'length_kind',
                label: 'Length stated as',
                type: 'choice',
                options: { total: 'total', fork: 'fork', standard: 'standard', disc: 'disc width' },
            },
            ...parts('temperature_c', 'Grows, °C', {
                minimum: 'from',
                best: 'best at',
                maximum: 'up to',
                reference: 'coefficient stated at',
            }),
            { field: 'sold_at_mm', label: 'Usually sold at, mm', type: 'number' },
            ...parts('length_weight', 'Mass in g from cm', { a: 'a', b: 'b' }),
        ],
    },
    {
        title: 'What it wants',
        fields: [
            {
                field: 'swimming',
                label: 'Swims',
                type: 'choice',
                options: { slow: 'slow', cruising: 'cruising', racing: 'racing' },
            },
            { field: 'layer', label: 'Lives', type: 'choice', options: layerWords },
            ...parts('keep_c', 'Kept at, °C', span),
            ...parts('ph', 'pH', span),
            ...parts('hardness_dgh', 'Hardness, °dH', span),
            { field: 'salinity', label: 'Water', type: 'choice', options: acquireWords.waters },
            { field: 'minimum_group', label: 'Least group', type: 'number' },
            { field: 'species_only', label: 'With its own species alone', type: 'choice', options: yesNo },
            ...parts('least_home', 'Least home, outside', {
                length_mm: 'length in mm',
                width_mm: 'width in mm',
                litres: 'litres',
                for: 'for how many',
            }),
            ...parts('litres', 'Litres', {
                for: 'for how many',
                lean: 'lean',
                usual: 'usual',
                generous: 'generous',
                each_more: 'each more',
            }),
            { field: 'tall_ratio', label: 'Depth of water, body lengths', type: 'number' },
            { field: 'body_depth_ratio', label: 'Body depth to length', type: 'number' },
            {
                field: 'needs',
                label: 'Needs (one a line: lid, tight-lid, sand, open-floor, hides, sight-breaks, flow, air, plants, dim-light, buffering, guarded-heater, guarded-overflow)',
                type: 'lines',
            },
        ],
    },
    {
        title: 'How it behaves',
        fields: [
            {
                field: 'temperament',
                label: 'Temper',
                type: 'choice',
                options: Object.fromEntries(
                    temperWords.slice(1).map((word, i) => [String(i + 1), `${i + 1} ${word}`]),
                ),
            },
            { field: 'mouth_ratio', label: 'Swallows up to, of its length', type: 'number' },
            { field: 'bites_pieces', label: 'Bites pieces', type: 'choice', options: yesNo },
            { field: 'nips_fins', label: 'Nips fins', type: 'choice', options: yesNo },
            { field: 'long_fins', label: 'Has long fins', type: 'choice', options: yesNo },
            {
                field: 'pace',
                label: 'Feeds',
                type: 'choice',
                options: { slow: 'slowly', normal: 'usual', fast: 'fast' },
            },
            {
                field: 'diet',
                label: 'Eats',
                type: 'choice',
                options: {
                    grazer: 'plants',
                    omnivore: 'everything',
                    meat: 'meat',
                    shell: 'shells',
                    plankton: 'plankton',
                },
            },
            { field: 'plants', label: 'Plants', type: 'choice', options: acquireWords.plantWords },
        ],
    },
    {
        title: 'To know',
        fields: [
            {
                field: 'inspections',
                label: 'To look at regularly, one a line, like "30 days: teeth"',
                type: 'records',
                toLine: (one) => `${text(one.every_days)} days: ${text(one.what)}`,
                fromLine: (line) => {
                    const [, days, what] = /^(\d+)\s*days?:\s*(.*)$/.exec(line) ?? []
                    return days === undefined ? line : { what, every_days: Number(days) }
                },
            },
            {
                field: 'look_alikes',
                label: 'Taken for it, one a line, like "koi, from 50 mm: two pairs of barbels"',
                type: 'records',
                toLine: (one) => `${text(one.kind)}, from ${text(one.shows_at_mm)} mm: ${text(one.marks)}`,
                fromLine: (line) => {
                    const [, kind, from, marks] =
                        /^([\w-]+),\s*from\s*([\d.]+)\s*mm:\s*(.*)$/.exec(line) ?? []
                    return kind === undefined ? line : { kind, marks, shows_at_mm: Number(from) }
                },
            },
            { field: 'protected', label: 'Law', type: 'text' },
            { field: 'hazards', label: 'Hazards, one a line', type: 'lines' },
            { field: 'disease_prone', label: 'Prone to disease', type: 'choice', options: yesNo },
        ],
    },
]

/** What stands there when a species does not say. */
const UNSAID: Record<string, unknown> = {
    curve: 'von-bertalanffy',
    length_kind: 'total',
    layer: 'all',
    salinity: 'fresh',
    minimum_group: 1,
    species_only: false,
    temperament: 3,
    mouth_ratio: 0.33,
    bites_pieces: false,
    nips_fins: false,
    long_fins: false,
    pace: 'normal',
    diet: 'omnivore',
    plants: 'safe',
    disease_prone: false,
}

const text = (value: unknown): string =>
    typeof value === 'string' ? value : typeof value === 'number' ? String(value) : ''

const nameOf = (one: ValueField): string => (one.part === undefined ? one.field : `${one.field}.${one.part}`)

/** The description as text, ready to be typed over. */
export function typedFrom(description: Json): Record<string, string> {
    const typed: Record<string, string> = {}
    for (const one of valueGroups.flatMap((group) => group.fields)) {
        typed[nameOf(one)] = shownText(description, one)
    }
    return typed
}

/** The description with what was typed; values that were not touched stay exactly as they are. */
export function describedFrom(description: Json, typed: Record<string, string>): Json {
    const before = typedFrom(description)
    const next: Json = { ...description }
    for (const one of valueGroups.flatMap((group) => group.fields)) {
        const value = typed[nameOf(one)] ?? ''
        if (value === before[nameOf(one)]) {
            continue
        }
        if (one.part === undefined) {
            put(next, one.field, read(one, value))
        } else {
            const whole: Json = { ...(next[one.field] as Json | undefined) }
            put(whole, one.part, read(one, value))
            put(
                next,
                one.field,
                Object.values(whole).every((value) => value === undefined) ? undefined : whole,
            )
        }
    }
    return next
}

export const fieldName = nameOf

/** A value as it is shown, its parts on one line. */
export interface ShownValue {
    field: string
    label: string
    text: string
}

/** The values of a group that are known; choices by their words. */
export function shownValues(description: Json, group: (typeof valueGroups)[number]): ShownValue[] {
    const shown = new Map<string, ShownValue>()
    for (const one of group.fields.filter((field) => field.type !== 'records')) {
        const value = shownText(description, one)
        const text = one.type === 'choice' ? (one.options[value] ?? value) : value.split('\n').join(', ')
        const [whole, part] =
            one.part === undefined ? [one.label.replace(/,? \(?one a line.*/, ''), ''] : splitLabel(one.label)
        const before = shown.get(one.field)
        if (text !== '') {
            shown.set(one.field, {
                field: one.field,
                label: whole,
                text: `${before === undefined ? '' : `${before.text}${part === 'to' ? ' ' : ', '}`}${part === '' ? text : `${part} ${text}`}`,
            })
        }
    }
    return [...shown.values()]
}

/** "Adult length, mm, low" is the low part of "Adult length, mm". */
function splitLabel(label: string): [whole: string, part: string] {
    const at = label.lastIndexOf(', ')
    return [label.slice(0, at), label.slice(at + 2)]
}

function shownText(description: Json, one: ValueField): string {
    const value = valueOf(description, one)
    return one.type === 'records' ? ((value ?? []) as Json[]).map(one.toLine).join('\n') : textOf(value)
}

function valueOf(description: Json, one: ValueField): unknown {
    const value = description[one.field] ?? UNSAID[one.field]
    return one.part === undefined ? value : (value as Json | undefined)?.[one.part]
}

function textOf(value: unknown): string {
    if (typeof value === 'string') {
        return value
    }
    if (typeof value === 'number' || typeof value === 'boolean') {
        return String(value)
    }
    return Array.isArray(value) ? value.join('\n') : ''
}

/** Undefined takes the member out: it is not written into JSON. */
function put(into: Json, name: string, value: unknown): void {
    into[name] = value
}

/** Text that is no number is sent as it is, so that the answer can name the field. */
function read(one: ValueField, typed: string): unknown {
    const trimmed = typed.trim()
    if (one.type === 'lines' || one.type === 'records') {
        const lines = trimmed
            .split('\n')
            .map((line) => line.trim())
            .filter((line) => line !== '')
        return one.type === 'records' ? lines.map(one.fromLine) : lines
    }
    if (trimmed === '') {
        return undefined
    }
    if (trimmed === 'true' || trimmed === 'false') {
        return trimmed === 'true'
    }
    const isNumber = one.type === 'number' || one.field === 'temperament'
    return isNumber && Number.isFinite(Number(trimmed)) ? Number(trimmed) : trimmed
}
