import { Box, Button, chakra } from '@chakra-ui/react'
import type { ReactNode } from 'react'
import type { Fitting } from '../api/types'
import { CheckField } from '../log/CheckField'
import { ChoiceField, optionsOf, TextField } from '../log/fields'
import { systemWords } from '../words/systems'
import type { SystemTyped } from './form'
import { newPool } from './form'
import { PoolFields } from './PoolFields'

interface Props {
    typed: SystemTyped
    onType: (typed: SystemTyped) => void
    error: (field: string) => string | undefined
    today: string
}

const said = systemWords.form

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

/** Everything that makes a system, in the order in which a keeper would tell it. */
export function SystemFields({ typed, onType, error, today }: Props) {
    const set = <K extends keyof SystemTyped>(name: K, value: SystemTyped[K]): void =>
        onType({ ...typed, [name]: value })
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
    return (
        <>
            <Group title="">
                <Box gridColumn={{ base: '1 / -1', md: '1 / 3' }}>
                    <TextField
                        label={said.name}
                        value={typed.name}
                        onChange={(value) => set('name', value)}
                        error={error('name')}
                    />
                </Box>
                <ChoiceField
                    label={said.kind}
                    options={optionsOf(said.kinds)}
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
                {said.addPool}
            </Button>
            <Group title={said.water}>
                {typed.months == null ? (
                    text('temperature', said.temperature)
                ) : (
                    <Months
                        months={typed.months}
                        onChange={(months) => set('months', months)}
                        error={error('months')}
                    />
                )}
                <Box alignSelf="end">
                    <CheckField
                        label={said.byMonth}
                        checked={typed.months != null}
                        onChange={(byMonth) =>
                            set('months', byMonth ? Array.from({ length: 12 }, () => '') : null)
                        }
                    />
                </Box>
                <ChoiceField
                    label={said.salinity}
                    options={optionsOf(said.salinities)}
                    value={typed.salinity ?? 'fresh'}
                    onChange={(value) => set('salinity', value as NonNullable<SystemTyped['salinity']>)}
                />
                {text('ph', said.ph)}
                {text('gh', said.gh)}
                {text('weekly_change', said.weekly, { help: said.weeklyHelp })}
                {text('source', said.source)}
            </Group>
            <Group title={said.equipment}>
                {text('sump', said.sump, { help: said.sumpHelp })}
                <ChoiceField
                    label={said.media}
                    options={[{ value: '', text: said.noMedia }, ...optionsOf(said.medias)]}
                    value={typed.filter_media ?? ''}
                    onChange={(value) =>
                        set(
                            'filter_media',
                            value === '' ? null : (value as NonNullable<SystemTyped['filter_media']>),
                        )
                    }
                    error={error('filter_media')}
                />
                {text('filter_litres', said.mediaLitres)}
                {text('turnover', said.turnover)}
                {text('heater_watts', said.heater, { help: said.heaterHelp })}
                {text('overflow_slot', said.slot)}
            </Group>
            <Group title={said.lights}>
                {text('light_on', said.on, { type: 'time' })}
                {text('light_dim', said.dim, { type: 'time' })}
                {text('light_off', said.off, { type: 'time' })}
                <CheckField
                    label={said.window}
                    checked={typed.light_window ?? false}
                    onChange={(window) => set('light_window', window)}
                />
            </Group>
            <Group title={said.inside}>
                <Box
                    gridColumn="1 / -1"
                    display="grid"
                    gridTemplateColumns={{ base: '1fr 1fr', md: 'repeat(3, 1fr)' }}
                    columnGap="12px"
                    role="group"
                    aria-label={said.fittings}
                >
                    {(Object.entries(said.fittingWords) as [Fitting, string][]).map(([fitting, name]) => (
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
                    ))}
                </Box>
                {text('substrate', said.substrate)}
                {text('decor_floor', said.decorFloor)}
                {text('decor_litres', said.decorLitres)}
                {text('decor_kilograms', said.decorKilograms)}
            </Group>
            <Dividers
                typed={typed}
                set={(dividers) => set('dividers', dividers)}
                error={error}
                today={today}
            />
            <Group title={said.place}>
                {text('site', said.site)}
                <TextField
                    label={said.walk}
                    inputMode="numeric"
                    value={typed.walk_order == null ? '' : String(typed.walk_order)}
                    onChange={(value) => set('walk_order', value.trim() === '' ? null : Number(value))}
                    error={error('walk_order')}
                />
                {text('available_from', said.available, { type: 'date', help: said.availableHelp })}
            </Group>
        </>
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
                gridTemplateColumns={{ base: '1fr 1fr', md: 'repeat(3, 1fr)' }}
                gap="12px"
                alignItems="start"
            >
                {children}
            </Box>
        </chakra.fieldset>
    )
}

function Months({
    months,
    onChange,
    error,
}: {
    months: readonly string[]
    onChange: (months: string[]) => void
    error: string | undefined
}) {
    return (
        <Box gridColumn="1 / -1" role="group" aria-label={said.monthsTitle}>
            <Box
                display="grid"
                gridTemplateColumns={{ base: 'repeat(4, 1fr)', md: 'repeat(6, 1fr)' }}
                gap="8px"
            >
                {said.months.map((name, i) => (
                    <TextField
                        key={name}
                        label={name}
                        inputMode="decimal"
                        value={months[i] ?? ''}
                        onChange={(value) =>
                            onChange(
                                Array.from({ length: 12 }, (_, j) => (j === i ? value : (months[j] ?? ''))),
                            )
                        }
                    />
                ))}
            </Box>
            {error !== undefined && (
                <chakra.p role="alert" color="over" fontWeight={600}>
                    {error}
                </chakra.p>
            )}
        </Box>
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
        <Group title={said.dividers}>
            {all.map((one, i) => {
                const put = (part: Partial<typeof one>): void =>
                    set(all.map((other, j) => (j === i ? { ...other, ...part } : other)))
                return (
                    <Box
                        key={i}
                        gridColumn="1 / -1"
                        display="grid"
                        gridTemplateColumns={{ base: '1fr 1fr', md: '1fr 1fr 1fr auto' }}
                        gap="12px"
                        alignItems="end"
                    >
                        <TextField
                            label={said.at}
                            value={one.at}
                            onChange={(at) => put({ at })}
                            error={error(`dividers.${i}.at`)}
                        />
                        <TextField
                            label={said.from}
                            type="date"
                            value={one.from}
                            onChange={(from) => put({ from })}
                            error={error(`dividers.${i}.from`)}
                        />
                        <TextField
                            label={said.until}
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
                            {said.removeDivider}
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
                    {said.addDivider}
                </Button>
            </Box>
        </Group>
    )
}
