import { useKeeper } from '../frame/keeper'
import { wordOf } from '../units/measure'
import { messages } from '../messages'
import { Box, Button, chakra } from '@chakra-ui/react'
import type { ReactNode } from 'react'
import type { UseFormReturn } from 'react-hook-form'
import type { Fitting } from '../api/types'
import { CheckField } from '../entry/CheckField'
import { ChoiceField, optionsOf, TextField } from '../entry/fields'
import type { SystemForm, SystemTyped } from './form'
import { newPool } from './form'
import { Months } from './Months'
import { PoolFields } from './PoolFields'

interface Props {
    form: UseFormReturn<SystemForm>
    typed: SystemTyped
    error: (field: string) => string | undefined
    today: string
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

interface Part {
    typed: SystemTyped
    set: <K extends keyof SystemTyped>(name: K, value: SystemTyped[K]) => void
    /** A line to write on for what is kept under this name. */
    text: (name: TextName, label: string, more?: { type?: string; help?: string }) => ReactNode
    error: Props['error']
}

/** Everything that makes a system, in the order in which a keeper would tell it. */
export function SystemFields({ form, typed, error, today }: Props) {
    const set = <K extends keyof SystemTyped>(name: K, value: SystemTyped[K]): void =>
        form.setValue('system', { ...typed, [name]: value })
    const text = (name: TextName, label: string, more: { type?: string; help?: string } = {}): ReactNode => (
        <TextField
            key={name}
            label={label}
            value={typed[name] ?? ''}
            onChange={(value) => set(name, value)}
            error={error(name)}
            {...more}
        />
    )
    const part = { typed, set, text, error }
    return (
        <>
            <Group title="">
                <Box gridColumn={{ base: '1 / -1', md: '1 / 3' }}>
                    <TextField
                        label={messages.systems.form.name}
                        value={typed.name}
                        onChange={(value) => set('name', value)}
                        error={error('name')}
                    />
                </Box>
                <ChoiceField
                    label={messages.systems.form.kind}
                    options={optionsOf(messages.systems.form.kinds)}
                    value={typed.kind}
                    onChange={(value) => set('kind', value as SystemTyped['kind'])}
                    error={error('kind')}
                />
            </Group>
            {typed.pools.map((pool, i) => (
                <PoolFields
                    key={i}
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
                onClick={() => set('pools', [...typed.pools, newPool()])}
            >
                {messages.systems.form.addPool}
            </Button>
            <WaterFields {...part} />
            <EquipmentFields {...part} />
            <LightFields {...part} />
            <InsideFields {...part} />
            <Dividers
                typed={typed}
                set={(dividers) => set('dividers', dividers)}
                error={error}
                today={today}
            />
            <PlaceFields {...part} />
        </>
    )
}

function WaterFields({ text, typed, set, error }: Part) {
    return (
        <Group title={messages.systems.form.water}>
            {typed.months == null ? (
                text('temperature', messages.systems.form.temperature)
            ) : (
                <Months
                    months={typed.months}
                    onChange={(months) => set('months', months)}
                    error={error('months')}
                />
            )}
            <Box alignSelf="end">
                <CheckField
                    label={messages.systems.form.byMonth}
                    checked={typed.months != null}
                    onChange={(byMonth) =>
                        set('months', byMonth ? Array.from({ length: 12 }, () => '') : null)
                    }
                />
            </Box>
            <ChoiceField
                label={messages.systems.form.salinity}
                options={optionsOf(messages.systems.form.salinities)}
                value={typed.salinity ?? 'fresh'}
                onChange={(value) => set('salinity', value as NonNullable<SystemTyped['salinity']>)}
            />
            {text('ph', messages.systems.form.ph)}
            {text('gh', messages.systems.form.gh)}
            {text('weekly_change', messages.systems.form.weekly, {
                help: messages.systems.form.weeklyHelp,
            })}
            {text('source', messages.systems.form.source)}
        </Group>
    )
}

function EquipmentFields({ text, typed, set, error }: Part) {
    return (
        <Group title={messages.systems.form.equipment}>
            {text('sump', messages.systems.form.sump, { help: messages.systems.form.sumpHelp })}
            <ChoiceField
                label={messages.systems.form.media}
                options={[
                    { value: '', text: messages.systems.form.noMedia },
                    ...optionsOf(messages.systems.form.medias),
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
            {text('filter_litres', messages.systems.form.mediaLitres)}
            {text('turnover', messages.systems.form.turnover)}
            {text('heater_watts', messages.systems.form.heater, {
                help: messages.systems.form.heaterHelp,
            })}
            {text('overflow_slot', messages.systems.form.slot)}
        </Group>
    )
}

function LightFields({ text, typed, set }: Part) {
    return (
        <Group title={messages.systems.form.lights}>
            {text('light_on', messages.systems.form.on, { type: 'time' })}
            {text('light_dim', messages.systems.form.dim, { type: 'time' })}
            {text('light_off', messages.systems.form.off, { type: 'time' })}
            <CheckField
                label={messages.systems.form.window}
                checked={typed.light_window ?? false}
                onChange={(window) => set('light_window', window)}
            />
        </Group>
    )
}

function InsideFields({ text, typed, set }: Part) {
    const { unit_system: units } = useKeeper()
    return (
        <Group title={messages.systems.form.inside}>
            <Box
                gridColumn="1 / -1"
                display="grid"
                gridTemplateColumns={{ base: 'repeat(2, minmax(0, 1fr))', md: 'repeat(3, minmax(0, 1fr))' }}
                columnGap="12px"
                role="group"
                aria-label={messages.systems.form.fittings}
            >
                {(Object.entries(messages.systems.form.fittingWords) as [Fitting, string][]).map(
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
            {text('substrate', messages.systems.form.substrate)}
            {text('decor_floor', messages.systems.form.decorFloor)}
            {text('decor_litres', messages.systems.form.decorLitres)}
            {text('decor_kilograms', messages.systems.form.decorKilograms({ unit: wordOf('mass', units) }))}
        </Group>
    )
}

function PlaceFields({ text, typed, set, error }: Part) {
    return (
        <Group title={messages.systems.form.place}>
            {text('site', messages.systems.form.site)}
            <TextField
                label={messages.systems.form.walk}
                inputMode="numeric"
                value={typed.walk_order == null ? '' : String(typed.walk_order)}
                onChange={(value) => set('walk_order', value.trim() === '' ? null : Number(value))}
                error={error('walk_order')}
            />
            {text('available_from', messages.systems.form.available, {
                type: 'date',
                help: messages.systems.form.availableHelp,
            })}
            {text('opening_price', messages.systems.form.openingPrice, {
                help: messages.systems.form.openingHelp,
            })}
            {text('lead_days', messages.systems.form.leadDays)}
        </Group>
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
            <Box
                display="grid"
                gridTemplateColumns={{ base: 'repeat(2, minmax(0, 1fr))', md: 'repeat(3, minmax(0, 1fr))' }}
                gap="12px"
                alignItems="start"
            >
                {children}
            </Box>
        </chakra.fieldset>
    )
}

function Dividers({
    typed,
    set,
    error,
    today,
}: {
    typed: SystemTyped
    set: (dividers: NonNullable<SystemTyped['dividers']>) => void
    error: (field: string) => string | undefined
    today: string
}) {
    const all = typed.dividers ?? []
    return (
        <Group title={messages.systems.form.dividers}>
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
                            label={messages.systems.form.at}
                            value={one.at}
                            onChange={(at) => put({ at })}
                            error={error(`dividers.${i}.at`)}
                        />
                        <TextField
                            label={messages.systems.form.from}
                            type="date"
                            value={one.from}
                            onChange={(from) => put({ from })}
                            error={error(`dividers.${i}.from`)}
                        />
                        <TextField
                            label={messages.systems.form.until}
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
                            {messages.systems.form.removeDivider}
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
                    {messages.systems.form.addDivider}
                </Button>
            </Box>
        </Group>
    )
}
