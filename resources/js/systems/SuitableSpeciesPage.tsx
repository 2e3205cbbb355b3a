import { useParams, useSearch } from '@tanstack/react-router'
import { messages } from '../messages'
import { weighUpWords } from '../messages/weighUp'
import { suitableHeadline, suitableWords } from '../weighup/sentences'
import { Box, Button, chakra, Table } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { Link } from '@tanstack/react-router'
import { useState } from 'react'
import { suitableSpeciesQuery, systemsQuery } from '../api/queries'
import type { SuitableSpeciesRow } from '../api/types'
import { longestReach } from '../drawing/reach'
import { SideToScale } from '../drawing/SideToScale'
import { useUnit } from '../frame/keeper'
import { SheetHead } from '../frame/SheetHead'
import { useNameSheet } from '../frame/sheetTitle'
import { Waiting } from '../frame/Waiting'
import { ChoiceField, optionsOf } from '../entry/fields'
import { measured, projected } from '../units/length'

/** The search turned round: every species held against one system, ranked. */
export function SuitableSpeciesPage() {
    const { id } = useParams({ from: '/systems/$id/suitable-species' })
    const { fish: withFish } = useSearch({ from: '/systems/$id/suitable-species' })
    const system = (useQuery(systemsQuery).data ?? []).find((one) => one.id === id)
    const name = system?.name ?? ''
    useNameSheet(weighUpWords.suitableTitle({ system: name }))
    return (
        <Waiting key={id} query={useQuery(suitableSpeciesQuery(id))}>
            {(rows) => (
                <>
                    <SheetHead
                        sentence={suitableHeadline(name, rows, withFish)}
                        comment={weighUpWords.suitableComment}
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
    const any = { value: '', text: weighUpWords.any }
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
                    label={weighUpWords.filters.role}
                    options={[any, ...optionsOf(messages.labels.roles)]}
                    value={filters.role}
                    onChange={set('role')}
                />
                <ChoiceField
                    label={weighUpWords.filters.temper}
                    options={[any, { value: 'peaceful', text: weighUpWords.peaceful }]}
                    value={filters.temper}
                    onChange={set('temper')}
                />
                <ChoiceField
                    label={weighUpWords.filters.plants}
                    options={[any, ...optionsOf(weighUpWords.plantWords)]}
                    value={filters.plants}
                    onChange={set('plants')}
                />
                <ChoiceField
                    label={weighUpWords.filters.region}
                    options={[any, ...regions.map((region) => ({ value: region, text: region }))]}
                    value={filters.region}
                    onChange={set('region')}
                />
                <ChoiceField
                    label={weighUpWords.filters.water}
                    options={[any, ...optionsOf(weighUpWords.waters)]}
                    value={filters.water}
                    onChange={set('water')}
                />
            </Box>
            {found.length === 0 ? (
                <p role="status">{weighUpWords.noneLeft}</p>
            ) : (
                <LodgerTable rows={refusedShown ? [...fitting, ...refused] : fitting} />
            )}
            {refused.length > 0 && (
                <Button marginTop="14px" onClick={() => showRefused(!refusedShown)}>
                    {refusedShown
                        ? weighUpWords.hideRefused
                        : weighUpWords.showRefused({ n: refused.length })}
                </Button>
            )}
        </Box>
    )
}

const FIT_COLOUR = { 'for-life': 'fit', until: 'close', not: 'over' } as const

function LodgerTable({ rows }: { rows: readonly SuitableSpeciesRow[] }) {
    const unit = useUnit()
    const reach = longestReach(rows.map(({ species: { form, adult_mm: mm } }) => ({ form, mm })))
    return (
        <Table.Root css={{ '& td': { verticalAlign: 'middle' } }}>
            <Table.Header>
                <Table.Row>
                    <Table.ColumnHeader>{weighUpWords.columns.species}</Table.ColumnHeader>
                    <Table.ColumnHeader>{weighUpWords.columns.toScale}</Table.ColumnHeader>
                    <Table.ColumnHeader>{weighUpWords.columns.fit}</Table.ColumnHeader>
                    <Table.ColumnHeader display={{ base: 'none', md: 'table-cell' }}>
                        {weighUpWords.columns.why}
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
                        <Table.Cell paddingBlock="2px">
                            <SideToScale
                                form={row.species.form}
                                band={0}
                                mm={row.species.adult_mm}
                                reach={reach}
                            />
                        </Table.Cell>
                        <Table.Cell fontWeight={600} color={FIT_COLOUR[row.fit]}>
                            {suitableWords(row)}
                            {row.join_from_mm !== null && (
                                <chakra.span display="block" fontWeight={400} color="ink">
                                    {weighUpWords.joinFrom({ length: measured(row.join_from_mm, unit) })}
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
                                    {weighUpWords.mend} {row.mend.join(' ')}
                                </chakra.span>
                            )}
                        </Table.Cell>
                    </Table.Row>
                ))}
            </Table.Body>
        </Table.Root>
    )
}
