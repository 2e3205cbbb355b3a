import { useParams, useSearch } from '@tanstack/react-router'
import { messages } from '../messages'
import { suitableHeadline, suitableWords } from '../weighup/sentences'
import { Box, Button, chakra, Table } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { Link } from '@tanstack/react-router'
import { useState } from 'react'
import { suitableSpeciesQuery, systemsQuery } from '../api/queries'
import type { SuitableSpeciesRow } from '../api/types'
import { useUnit } from '../frame/keeper'
import { SheetHead } from '../frame/SheetHead'
import { useNameSheet } from '../frame/sheetTitle'
import { Waiting } from '../frame/Waiting'
import { ChoiceField, optionsOf } from '../log/fields'
import { measured, projected } from '../units/length'

/** The search turned round: every species held against one system, ranked. */
export function SuitableSpeciesPage() {
    const { id } = useParams({ from: '/systems/$id/suitable-species' })
    const { fish: withFish } = useSearch({ from: '/systems/$id/suitable-species' })
    const system = (useQuery(systemsQuery).data ?? []).find((one) => one.id === id)
    const name = system?.name ?? ''
    useNameSheet(messages.weighUp.suitableTitle({ system: name }), messages.weighUp.suitableComment)
    return (
        <Waiting key={id} query={useQuery(suitableSpeciesQuery(id))}>
            {(rows) => (
                <>
                    <SheetHead
                        sentence={suitableHeadline(name, rows, withFish)}
                        comment={messages.weighUp.suitableComment}
                    />
                    <SuitableSpeciesList rows={rows} />
                </>
            )}
        </Waiting>
    )
}

interface Filters {
    role: string
    temper: string
    plants: string
    region: string
    water: string
}

const ANY: Filters = { role: '', temper: '', plants: '', region: '', water: '' }

function SuitableSpeciesList({ rows }: { rows: readonly SuitableSpeciesRow[] }) {
    const [filters, setFilters] = useState(ANY)
    const [refusedShown, showRefused] = useState(false)
    const set = (name: keyof Filters) => (value: string) => setFilters({ ...filters, [name]: value })
    const regions = [...new Set(rows.map((row) => row.species.region ?? ''))]
        .filter((one) => one !== '')
        .sort()
    const any = { value: '', text: messages.weighUp.any }
    const found = rows.filter(
        ({ species }) =>
            (filters.role === '' || species.roles.some((one) => one === filters.role)) &&
            (filters.temper === '' || species.is_peaceful) &&
            (filters.plants === '' || species.plants === filters.plants) &&
            (filters.region === '' || species.region === filters.region) &&
            (filters.water === '' || species.salinity === filters.water),
    )
    const fitting = found.filter((row) => row.fit !== 'not')
    const refused = found.filter((row) => row.fit === 'not')
    return (
        <Box padding={{ base: '12px 0 24px', md: '12px 10px 24px' }}>
            <Box
                display="grid"
                gridTemplateColumns={{ base: 'repeat(2, minmax(0, 1fr))', md: 'repeat(5, 1fr)' }}
                gap="12px"
                paddingBottom="14px"
            >
                <ChoiceField
                    label={messages.weighUp.filters.role}
                    options={[any, ...optionsOf(messages.labels.roles)]}
                    value={filters.role}
                    onChange={set('role')}
                />
                <ChoiceField
                    label={messages.weighUp.filters.temper}
                    options={[any, { value: 'peaceful', text: messages.weighUp.peaceful }]}
                    value={filters.temper}
                    onChange={set('temper')}
                />
                <ChoiceField
                    label={messages.weighUp.filters.plants}
                    options={[any, ...optionsOf(messages.weighUp.plantWords)]}
                    value={filters.plants}
                    onChange={set('plants')}
                />
                <ChoiceField
                    label={messages.weighUp.filters.region}
                    options={[any, ...regions.map((region) => ({ value: region, text: region }))]}
                    value={filters.region}
                    onChange={set('region')}
                />
                <ChoiceField
                    label={messages.weighUp.filters.water}
                    options={[any, ...optionsOf(messages.weighUp.waters)]}
                    value={filters.water}
                    onChange={set('water')}
                />
            </Box>
            {found.length === 0 ? (
                <p role="status">{messages.weighUp.noneLeft}</p>
            ) : (
                <LodgerTable rows={refusedShown ? [...fitting, ...refused] : fitting} />
            )}
            {refused.length > 0 && (
                <Button marginTop="14px" onClick={() => showRefused(!refusedShown)}>
                    {refusedShown
                        ? messages.weighUp.hideRefused
                        : messages.weighUp.showRefused({ n: refused.length })}
                </Button>
            )}
        </Box>
    )
}

const FIT_COLOUR = { 'for-life': 'fit', until: 'close', not: 'over' } as const

function LodgerTable({ rows }: { rows: readonly SuitableSpeciesRow[] }) {
    const unit = useUnit()
    return (
        <Table.Root>
            <Table.Header>
                <Table.Row>
                    <Table.ColumnHeader>{messages.weighUp.columns.species}</Table.ColumnHeader>
                    <Table.ColumnHeader>{messages.weighUp.columns.fit}</Table.ColumnHeader>
                    <Table.ColumnHeader display={{ base: 'none', md: 'table-cell' }}>
                        {messages.weighUp.columns.why}
                    </Table.ColumnHeader>
                </Table.Row>
            </Table.Header>
            <Table.Body>
                {rows.map((row) => (
                    <Table.Row key={row.species.id}>
                        <Table.Cell>
                            <Link to="/species/$id" params={{ id: row.species.id }}>
                                {row.species.common_name}
                            </Link>{' '}
                            <chakra.span color="ink2">{projected(row.species.adult_mm, unit)}</chakra.span>
                        </Table.Cell>
                        <Table.Cell fontWeight={600} color={FIT_COLOUR[row.fit]}>
                            {suitableWords(row)}
                            {row.join_from_mm !== null && (
                                <chakra.span display="block" fontWeight={400} color="ink">
                                    {messages.weighUp.joinFrom({ length: measured(row.join_from_mm, unit) })}
                                </chakra.span>
                            )}
                            <chakra.span
                                display={{ base: 'block', md: 'none' }}
                                fontWeight={400}
                                color="ink2"
                            >
                                {row.because}
                            </chakra.span>
                        </Table.Cell>
                        <Table.Cell display={{ base: 'none', md: 'table-cell' }}>
                            {row.because}
                            {row.mend.length > 0 && (
                                <chakra.span display="block" color="ink2">
                                    {messages.weighUp.mend} {row.mend.join(' ')}
                                </chakra.span>
                            )}
                        </Table.Cell>
                    </Table.Row>
                ))}
            </Table.Body>
        </Table.Root>
    )
}
