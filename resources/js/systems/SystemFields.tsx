import { useKeeper, useUnit } from '../frame/keeper'
import { wordOf } from '../units/measure'
import { messages } from '../messages'
import { systemsWords } from '../messages/systems'
import { Box, Button, chakra } from '@chakra-ui/react'
import type { ReactNode } from 'react'
import type { UseFormReturn } from 'react-hook-form'
import type { Fitting } from '../api/types'
import { CheckField } from '../entry/CheckField'
import { ChoiceField, optionsOf, TextField } from '../entry/fields'
import { Fold } from '../frame/Fold'
import type { SystemForm, SystemTyped } from './form'
import { newPool, ofKind } from './form'
import { Months } from './Months'
import { PoolFields } from './PoolFields'

interface Props {
    form: UseFormReturn<SystemForm>
    typed: SystemTyped
    error: (field: string) => string | undefined
    today: string
    /** It is being described for the first time: what can wait is folded. */
    isNew: boolean
}

type TextName =
    | 'temperature'
    | 'ph'
    | 'gh'
    | 'source'
    | 'weekly_change'
    | 'sump'
    | 'filter_litres'
    | 'turnover'
    | 'heater_watts'
    | 'overflow_slot'
    | 'light_on'
    | 'light_dim'
    | 'light_off'
    | 'substrate'
    | 'decor_floor'
    | 'decor_litres'
    | 'decor_kilograms'
    | 'site'
    | 'available_from'
    | 'opening_price'
    | 'lead_days'

interface More {
    type?: string
    help?: string
    /** Of what a bare number is. */
    unit?: string
}

interface Part {
    typed: SystemTyped
    set: <K extends keyof SystemTyped>(name: K, value: SystemTyped[K]) => void
    /** A line to write on for what is kept under this name. */
    text: (name: TextName, label: string, more?: More) => ReactNode
    error: Props['error']
    isNew: boolean
}

/** Everything that makes a system, in the order in which a keeper would tell it. */
export function SystemFields({ form, typed, error, today, isNew }: Props) {
    const set = <K extends keyof SystemTyped>(name: K, value: SystemTyped[K]): void =>
        form.setValue('system', { ...typed, [name]: value })
    const text = (name: TextName, label: string, more: More = {}): ReactNode => (
        <TextField
            key={name}
            label={label}
            value={typed[name] ?? ''}
            onChange={(value) => set(name, value)}
            error={error(name)}
            {...more}
        />
    )
    const part = { typed, set, text, error, isNew }
    return (
        <>
            <Group title="">
                <Box gridColumn={{ base: '1 / -1', md: '1 / 3' }}>
                    <TextField
                        label={systemsWords.form.name}
                        value={typed.name}
                        onChange={(value) => set('name', value)}
                        error={error('name')}
                    />
                </Box>
                <ChoiceField
                    label={systemsWords.form.kind}
                    options={optionsOf(systemsWords.form.kinds)}
                    value={typed.kind}
                    onChange={(value) =>
                        form.setValue('system', ofKind(typed, value as SystemTyped['kind'], isNew))
                    }
                    error={error('kind')}
                />
            </Group>
            <Pools {...part} />
            <WaterFields {...part} />
            <EquipmentFields {...part} />
            <LightFields {...part} />
            <InsideFields {...part} />
            <Dividers
                typed={typed}
                set={(dividers) => set('dividers', dividers)}
                error={error}
                today={today}
                isNew={isNew}
            />
            <PlaceFields {...part} />
        </>
    )
}

function Pools({ typed, set, error }: Part) {
    const unit = useUnit()
    return (
        <>
            {typed.pools.map((pool, i) => (
                <PoolFields
                    key={i}
                    kind={typed.kind}
                    pool={pool}
                    index={i}
                    isOneOfMany={typed.pools.length > 1}
                    onChange={(next) =>
                        set(
                            'pools',
                            typed.pools.map((one, j) => (j === i ? next : one)),
                        )
                    }
                    onRemove={() =>
                        set(
                            'pools',
                            typed.pools.filter((_, j) => j !== i),
                        )
                    }
                    error={error}
                />
            ))}
            <Button
                type="button"
                variant="plain"
                alignSelf="start"
                onClick={() => set('pools', [...typed.pools, newPool(unit, typed.kind)])}
            >
                {systemsWords.form.addPool}
            </Button>
        </>
    )
}

function WaterFields({ text, typed, set, error }: Part) {
    const { units } = useKeeper()
    return (
        <Group title={systemsWords.form.water}>
            {typed.months == null ? (
                text('temperature', systemsWords.form.temperature, { unit: wordOf('temperature', units) })
            ) : (
                <Months
                    months={typed.months}
                    onChange={(months) => set('months', months)}
                    error={error('months')}
                />
            )}
            <Box alignSelf="end">
                <CheckField
                    label={systemsWords.form.byMonth}
                    checked={typed.months != null}
                    onChange={(byMonth) =>
                        set('months', byMonth ? Array.from({ length: 12 }, () => '') : null)
                    }
                />
            </Box>
            <ChoiceField
                label={systemsWords.form.salinity}
                options={optionsOf(systemsWords.form.salinities)}
                value={typed.salinity ?? 'fresh'}
                onChange={(value) => set('salinity', value as NonNullable<SystemTyped['salinity']>)}
            />
            {text('ph', systemsWords.form.ph)}
            {text('gh', systemsWords.form.gh, { unit: messages.labels.quantityHints.gh_dgh })}
            {text('weekly_change', systemsWords.form.weekly, {
                help: systemsWords.form.weeklyHelp,
            })}
            {text('source', systemsWords.form.source)}
        </Group>
    )
}

function EquipmentFields({ text, typed, set, error, isNew }: Part) {
    return (
        <More part="equipment" isNew={isNew} error={error}>
            {text('sump', systemsWords.form.sump, { help: systemsWords.form.sumpHelp })}
            <ChoiceField
                label={systemsWords.form.media}
                options={[
                    { value: '', text: systemsWords.form.noMedia },
                    ...optionsOf(systemsWords.form.medias),
                ]}
                value={typed.filter_media ?? ''}
                onChange={(value) =>
                    set(
                        'filter_media',
                        value === '' ? null : (value as NonNullable<SystemTyped['filter_media']>),
                    )
                }
                error={error('filter_media')}
            />
            {text('filter_litres', systemsWords.form.mediaLitres)}
            {text('turnover', systemsWords.form.turnover)}
            {text('heater_watts', systemsWords.form.heater, {
                help: systemsWords.form.heaterHelp,
            })}
            {text('overflow_slot', systemsWords.form.slot)}
        </More>
    )
}

function LightFields({ text, typed, set, error, isNew }: Part) {
    return (
        <More part="lights" isNew={isNew} error={error}>
            {text('light_on', systemsWords.form.on, { type: 'time' })}
            {text('light_dim', systemsWords.form.dim, { type: 'time' })}
            {text('light_off', systemsWords.form.off, { type: 'time' })}
            <CheckField
                label={systemsWords.form.window}
                checked={typed.light_window ?? false}
                onChange={(window) => set('light_window', window)}
            />
        </More>
    )
}

function InsideFields({ text, typed, set, error, isNew }: Part) {
    const { units } = useKeeper()
    return (
        <More part="inside" isNew={isNew} error={error}>
            <Box
                gridColumn="1 / -1"
                display="grid"
                gridTemplateColumns={{ base: 'repeat(2, minmax(0, 1fr))', md: 'repeat(3, minmax(0, 1fr))' }}
                columnGap="12px"
                role="group"
                aria-label={systemsWords.form.fittings}
            >
                {(Object.entries(systemsWords.form.fittingWords) as [Fitting, string][]).map(
                    ([fitting, name]) => (
                        <CheckField
                            key={fitting}
                            label={name}
                            checked={typed.fittings?.includes(fitting) ?? false}
                            onChange={(on) =>
                                set(
                                    'fittings',
                                    on
                                        ? [...(typed.fittings ?? []), fitting]
                                        : (typed.fittings ?? []).filter((one) => one !== fitting),
                                )
                            }
                        />
                    ),
                )}
            </Box>
            {text('substrate', systemsWords.form.substrate)}
            {text('decor_floor', systemsWords.form.decorFloor)}
            {text('decor_litres', systemsWords.form.decorLitres)}
            {text('decor_kilograms', systemsWords.form.decorKilograms({ unit: wordOf('mass', units) }))}
        </More>
    )
}

function PlaceFields({ text, typed, set, error, isNew }: Part) {
    return (
        <More part="place" isNew={isNew} error={error}>
            {text('site', systemsWords.form.site)}
            <TextField
                label={systemsWords.form.walk}
                inputMode="numeric"
                value={typed.walk_order == null ? '' : String(typed.walk_order)}
                onChange={(value) => set('walk_order', value.trim() === '' ? null : Number(value))}
                error={error('walk_order')}
            />
            {text('available_from', systemsWords.form.available, {
                type: 'date',
                help: systemsWords.form.availableHelp,
            })}
            {text('opening_price', systemsWords.form.openingPrice, {
                help: systemsWords.form.openingHelp,
            })}
            {text('lead_days', systemsWords.form.leadDays)}
        </More>
    )
}

function Group({ title, children }: { title: string; children: ReactNode }) {
    return (
        <chakra.fieldset
            border="none"
            borderTop={title === '' ? 'none' : '1px solid'}
            borderColor="ink"
            padding={title === '' ? '0' : '8px 0 0'}
            margin="0"
            minWidth="0"
        >
            {title !== '' && (
                <chakra.legend fontWeight={800} padding="0 8px 0 0">
                    {title}
                </chakra.legend>
            )}
            <InThrees>{children}</InThrees>
        </chakra.fieldset>
    )
}

const InThrees = (props: { children: ReactNode }) => (
    <Box
        display="grid"
        gridTemplateColumns={{ base: 'repeat(2, minmax(0, 1fr))', md: 'repeat(3, minmax(0, 1fr))' }}
        gap="12px"
        alignItems="start"
        {...props}
    />
)

/** What can be told later, and the fields in it. */
const MORE = {
    equipment: ['sump', 'filter_media', 'filter_litres', 'turnover', 'heater_watts', 'overflow_slot'],
    lights: ['light_on', 'light_dim', 'light_off'],
    inside: ['substrate', 'decor_floor', 'decor_litres', 'decor_kilograms'],
    dividers: ['dividers'],
    place: ['site', 'walk_order', 'available_from', 'opening_price', 'lead_days'],
} as const

interface MoreProps {
    part: keyof typeof MORE
    isNew: boolean
    error: Props['error']
    /** Fields besides. */
    fields?: readonly string[]
    children: ReactNode
}

/** A part that is opened when it is wanted, or when something in it has to be mended. */
function More({ part, isNew, error, fields = [], children }: MoreProps) {
    return (
        <Fold
            title={systemsWords.form[part]}
            says={systemsWords.form.more[part]}
            on="every width"
            beginsOpen={!isNew}
            isWanted={[...MORE[part], ...fields].some((field) => error(field) !== undefined)}
        >
            <Box paddingTop="10px">
                <InThrees>{children}</InThrees>
            </Box>
        </Fold>
    )
}

function Dividers({
    typed,
    set,
    error,
    today,
    isNew,
}: {
    typed: SystemTyped
    set: (dividers: NonNullable<SystemTyped['dividers']>) => void
    error: (field: string) => string | undefined
    today: string
    isNew: boolean
}) {
    const all = typed.dividers ?? []
    return (
        <More
            part="dividers"
            isNew={isNew}
            error={error}
            fields={all.flatMap((_, i) => ['at', 'from', 'until'].map((one) => `dividers.${i}.${one}`))}
        >
            {all.map((one, i) => {
                const put = (part: Partial<typeof one>): void =>
                    set(all.map((other, j) => (j === i ? { ...other, ...part } : other)))
                return (
                    <Box
                        key={i}
                        gridColumn="1 / -1"
                        display="grid"
                        gridTemplateColumns={{ base: 'repeat(2, minmax(0, 1fr))', md: '1fr 1fr 1fr auto' }}
                        gap="12px"
                        alignItems="end"
                    >
                        <TextField
                            label={systemsWords.form.at}
                            value={one.at}
                            onChange={(at) => put({ at })}
                            error={error(`dividers.${i}.at`)}
                        />
                        <TextField
                            label={systemsWords.form.from}
                            type="date"
                            value={one.from}
                            onChange={(from) => put({ from })}
                            error={error(`dividers.${i}.from`)}
                        />
                        <TextField
                            label={systemsWords.form.until}
                            type="date"
                            value={one.until ?? ''}
                            onChange={(until) => put({ until: until === '' ? null : until })}
                            error={error(`dividers.${i}.until`)}
                        />
                        <Button
                            type="button"
                            variant="plain"
                            onClick={() => set(all.filter((_, j) => j !== i))}
                        >
                            {systemsWords.form.removeDivider}
                        </Button>
                    </Box>
                )
            })}
            <Box gridColumn="1 / -1">
                {error('dividers') !== undefined && (
                    <chakra.p role="alert" color="over" fontWeight={600}>
                        {error('dividers')}
                    </chakra.p>
                )}
                <Button
                    type="button"
                    variant="plain"
                    onClick={() => set([...all, { at: '', from: today, until: null }])}
                >
                    {systemsWords.form.addDivider}
                </Button>
            </Box>
        </More>
    )
}
