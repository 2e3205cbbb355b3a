import type { Units } from '../api/types'
import type { Measure } from '../units/measure'
import { heldAs, shownAs, wordOf } from '../units/measure'
import { messages } from '../messages'
import { speciesWords } from '../messages/species'
import { weighUpWords } from '../messages/weighUp'

type Json = Record<string, unknown>

interface Shared {
    /** Member of the description, and of it the part, if it has parts. */
    field: string
    part?: string
    label: string
    /** What a bare number is of; none: it has no unit, or always the same. */
    measure?: Measure
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

const { fields } = speciesWords

const FITTINGS = [
    'lid',
    'tight-lid',
    'sand',
    'open-floor',
    'hides',
    'sight-breaks',
    'flow',
    'air',
    'plants',
    'dim-light',
    'buffering',
    'guarded-heater',
    'guarded-overflow',
]

const yesNo = { false: fields.noAnswer, true: fields.yes }

interface Group {
    title: string
    fields: ValueField[]
}

type Measured = (label: string, measure: Measure) => string

/** The fields of a value that has parts; each part may be of another measure. */
function parts(
    field: string,
    label: string,
    names: Record<string, string>,
    measureOf: (part: string) => Measure | undefined = () => undefined,
): ValueField[] {
    return Object.entries(names).map(([part, word]) => {
        const measure = measureOf(part)
        return {
            field,
            part,
            label: fields.part({ label, part: word }),
            type: 'number',
            ...(measure === undefined ? {} : { measure }),
        }
    })
}

const range = { low: fields.low, typical: fields.usual, high: fields.high }
const span = { low: fields.from, high: fields.to }

const LEAST_HOME: Record<string, Measure> = { length_mm: 'length', width_mm: 'length', litres: 'volume' }

const inUnits =
    (units: Units): Measured =>
    (label, measure) =>
        `${label}, ${wordOf(measure, units)}`

const naming: Group = {
    title: fields.groups.what,
    fields: [
        { field: 'common_name', label: fields.name, type: 'text' },
        { field: 'names', label: fields.names, type: 'lines' },
        { field: 'scientific_name', label: fields.scientific, type: 'text' },
        { field: 'genus', label: fields.genus, type: 'text' },
        { field: 'region', label: fields.region, type: 'text' },
        ...parts('lifespan_years', fields.lives, span),
    ],
}

function growing(units: Units): Group {
    const withUnit = inUnits(units)
    return {
        title: fields.groups.growth,
        fields: [
            ...parts('adult_length_mm', withUnit(fields.adult, 'length'), range, () => 'length'),
            ...parts('growth_coefficient_per_year', fields.coefficient, range),
            {
                field: 'curve',
                label: fields.curve,
                type: 'choice',
                options: fields.curves,
            },
            {
                field: 'length_kind',
                label: fields.lengthKind,
                type: 'choice',
                options: fields.lengthKinds,
            },
            ...parts(
                'temperature_c',
                withUnit(fields.grows, 'temperature'),
                fields.growsAt,
                () => 'temperature',
            ),
            {
                field: 'sold_at_mm',
                label: withUnit(fields.soldAt, 'length'),
                type: 'number',
                measure: 'length',
            },
            ...parts('length_weight', fields.mass, fields.massOf),
        ],
    }
}

function wanting(units: Units): Group {
    const withUnit = inUnits(units)
    return {
        title: fields.groups.wants,
        fields: [
            {
                field: 'swimming',
                label: fields.swims,
                type: 'choice',
                options: fields.swimming,
            },
            { field: 'layer', label: fields.layer, type: 'choice', options: messages.labels.layers },
            ...parts('keep_c', withUnit(fields.kept, 'temperature'), span, () => 'temperature'),
            ...parts('ph', fields.ph, span),
            ...parts('hardness_dgh', fields.hardness, span),
            { field: 'salinity', label: fields.water, type: 'choice', options: weighUpWords.waters },
            { field: 'minimum_group', label: fields.group, type: 'number' },
            { field: 'may_live_alone', label: fields.mayLiveAlone, type: 'choice', options: yesNo },
            { field: 'species_only', label: fields.alone, type: 'choice', options: yesNo },
            { field: 'ways', label: fields.ways, type: 'lines' },
            ...parts('least_home', fields.leastHome, leastHomeNames(units), (part) => LEAST_HOME[part]),
            ...parts('litres', withUnit(fields.litres, 'volume'), fields.litresOf, (part) =>
                part === 'for' ? undefined : 'volume',
            ),
            { field: 'tall_ratio', label: fields.tall, type: 'number' },
            { field: 'body_depth_ratio', label: fields.bodyDepth, type: 'number' },
            {
                field: 'needs',
                label: fields.needs({ fittings: FITTINGS.join(', ') }),
                type: 'lines',
            },
        ],
    }
}

const behaving: Group = {
    title: fields.groups.behaves,
    fields: [
        {
            field: 'temperament',
            label: fields.temper,
            type: 'choice',
            options: Object.fromEntries(
                messages.labels.tempers.slice(1).map((word, i) => [String(i + 1), `${i + 1} ${word}`]),
            ),
        },
        { field: 'mouth_ratio', label: fields.mouth, type: 'number' },
        { field: 'bites_pieces', label: fields.bites, type: 'choice', options: yesNo },
        { field: 'nips_fins', label: fields.nips, type: 'choice', options: yesNo },
        { field: 'long_fins', label: fields.longFins, type: 'choice', options: yesNo },
        {
            field: 'pace',
            label: fields.feeds,
            type: 'choice',
            options: fields.pace,
        },
        {
            field: 'diet',
            label: fields.eats,
            type: 'choice',
            options: fields.diet,
        },
        { field: 'eats', label: fields.prey, type: 'lines' },
        {
            field: 'plants',
            label: fields.plants,
            type: 'choice',
            options: weighUpWords.plantWords,
        },
    ],
}

const knowing: Group = {
    title: fields.groups.know,
    fields: [
        {
            field: 'inspections',
            label: fields.inspections,
            type: 'records',
            toLine: (one) => `${text(one.every_days)} days: ${text(one.what)}`,
            fromLine: (line) => {
                const [, days, what] = /^(\d+)\s*days?:\s*(.*)$/.exec(line) ?? []
                return days === undefined ? line : { what, every_days: Number(days) }
            },
        },
        {
            field: 'look_alikes',
            label: fields.alike,
            type: 'records',
            toLine: (one) => `${text(one.kind)}, from ${text(one.shows_at_mm)} mm: ${text(one.marks)}`,
            fromLine: (line) => {
                const [, kind, from, marks] = /^([\w-]+),\s*from\s*([\d.]+)\s*mm:\s*(.*)$/.exec(line) ?? []
                return kind === undefined ? line : { kind, marks, shows_at_mm: Number(from) }
            },
        },
        { field: 'status', label: fields.status, type: 'lines' },
        { field: 'protected', label: fields.law, type: 'text' },
        { field: 'hazards', label: fields.hazards, type: 'lines' },
        { field: 'disease_prone', label: fields.disease, type: 'choice', options: yesNo },
    ],
}

/** Every value of a species that its keeper can change, in groups, in the words of the scenario format. */
export const valueGroups = (units: Units): Group[] => [
    naming,
    growing(units),
    wanting(units),
    behaving,
    knowing,
]

/** Each with its unit: they are of several measures. */
const leastHomeNames = (units: Units): Record<string, string> =>
    Object.fromEntries(
        Object.entries(fields.leastHomeOf).map(([part, name]) => {
            const measure = LEAST_HOME[part]
            return [part, measure === undefined ? name : `${name} (${wordOf(measure, units)})`]
        }),
    )

const text = (value: unknown): string =>
    typeof value === 'string' ? value : typeof value === 'number' ? String(value) : ''

const nameOf = (one: ValueField): string => (one.part === undefined ? one.field : `${one.field}.${one.part}`)

/** The description as text, ready to be typed over; the usual values where it does not say. */
export function typedFrom(description: Json, units: Units, usual: Json): Record<string, string> {
    const typed: Record<string, string> = {}
    for (const one of valueGroups(units).flatMap((group) => group.fields)) {
        typed[nameOf(one)] = shownText({ ...usual, ...description }, one, units)
    }
    return typed
}

/** The description with what was typed; values that were not touched stay exactly as they are. */
export function describedFrom(
    description: Json,
    typed: Record<string, string>,
    units: Units,
    usual: Json,
): Json {
    const before = typedFrom(description, units, usual)
    const next: Json = { ...description }
    for (const one of valueGroups(units).flatMap((group) => group.fields)) {
        const value = typed[nameOf(one)] ?? ''
        if (value === before[nameOf(one)]) {
            continue
        }
        if (one.part === undefined) {
            put(next, one.field, read(one, value, units))
        } else {
            const whole: Json = { ...(next[one.field] as Json | undefined) }
            put(whole, one.part, read(one, value, units))
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
export function shownValues(description: Json, group: Group, units: Units, usual: Json): ShownValue[] {
    const shown = new Map<string, ShownValue>()
    for (const one of group.fields.filter((field) => field.type !== 'records')) {
        const value = shownText({ ...usual, ...description }, one, units)
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

function shownText(description: Json, one: ValueField, units: Units): string {
    const value = valueOf(description, one)
    if (one.type === 'records') {
        return ((value ?? []) as Json[]).map(one.toLine).join('\n')
    }
    return one.measure !== undefined && typeof value === 'number'
        ? shownAs(value, one.measure, units)
        : textOf(value)
}

function valueOf(description: Json, one: ValueField): unknown {
    const value = description[one.field]
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
function read(one: ValueField, typed: string, units: Units): unknown {
    const trimmed = (one.measure === undefined ? typed : heldAs(typed, one.measure, units)).trim()
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
