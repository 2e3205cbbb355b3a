import { messages } from '../messages'
import { speciesWords } from '../messages/species'
import { weighUpWords } from '../messages/weighUp'
import { Box, Button, chakra, Table } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { Link } from '@tanstack/react-router'
import { useState } from 'react'
import { speciesListQuery } from '../api/queries'
import type { SpeciesRow } from '../api/types'
import { longestReach } from '../drawing/reach'
import { SideToScale } from '../drawing/SideToScale'
import { useUnit } from '../frame/keeper'
import { SheetHead } from '../frame/SheetHead'
import { useNameSheet } from '../frame/sheetTitle'
import { Waiting } from '../frame/Waiting'
import { ChoiceField, TextField } from '../entry/fields'
import { projected } from '../units/length'
import type { SpeciesFound } from './findSpecies'
import { findSpecies } from './findSpecies'
import { SpeciesDialog } from './SpeciesDialog'
import { Term } from '../terms/Term'

const SHOWN = 40

/** Every species that is described here, to look up and to find. */
export function SpeciesListPage() {
    useNameSheet(speciesWords.title)
    return (
        <Waiting query={useQuery(speciesListQuery)}>
            {(allSpecies) => (
                <>
                    <SheetHead
                        sentence={speciesWords.headline({
                            n: allSpecies.length,
                            own: allSpecies.filter((species) => species.is_edited).length,
                        })}
                        comment={speciesWords.listComment}
                    />
                    <SpeciesList allSpecies={allSpecies} />
                </>
            )}
        </Waiting>
    )
}

function SpeciesList({ allSpecies }: { allSpecies: readonly SpeciesRow[] }) {
    const [name, setName] = useState('')
    const [role, setRole] = useState('')
    const [water, setWater] = useState('')
    const [shown, show] = useState(SHOWN)
    const found = findSpecies(allSpecies, name).filter(
        ({ species }) =>
            (role === '' || species.roles.some((one) => one === role)) &&
            (water === '' || species.salinity === water),
    )
    return (
        <Box padding={{ base: '12px 0 24px', md: '12px 10px 24px' }}>
            <Box
                display="grid"
                gridTemplateColumns={{ base: 'repeat(2, minmax(0, 1fr))', md: '2fr 1fr 1fr auto' }}
                gap="12px"
                alignItems="end"
                paddingBottom="14px"
            >
                <TextField label={speciesWords.find} value={name} onChange={setName} />
                <ChoiceField
                    label={weighUpWords.filters.role}
                    options={[
                        { value: '', text: speciesWords.allRoles },
                        ...Object.entries(messages.labels.roles).map(([value, text]) => ({ value, text })),
                    ]}
                    value={role}
                    onChange={setRole}
                />
                <ChoiceField
                    label={weighUpWords.filters.water}
                    options={[
                        { value: '', text: speciesWords.allSalinities },
                        ...Object.entries(weighUpWords.waters).map(([value, text]) => ({ value, text })),
                    ]}
                    value={water}
                    onChange={setWater}
                />
                <SpeciesDialog />
            </Box>
            {found.length === 0 ? (
                <p role="status">{speciesWords.none}</p>
            ) : (
                <SpeciesTable found={found.slice(0, shown)} />
            )}
            {found.length > shown && (
                <Button marginTop="14px" onClick={() => show(shown + SHOWN)}>
                    {speciesWords.more({ n: Math.min(SHOWN, found.length - shown) })}
                </Button>
            )}
        </Box>
    )
}

const desk = { base: 'none', lg: 'table-cell' } as const

function SpeciesTable({ found }: { found: readonly SpeciesFound[] }) {
    const unit = useUnit()
    const columns = speciesWords.columns
    const reach = longestReach(found.map(({ species: { form, adult_mm: mm } }) => ({ form, mm })))
    return (
        <Table.Root css={{ '& td': { verticalAlign: 'middle' } }}>
            <Table.Header>
                <Table.Row>
                    <Table.ColumnHeader>{columns.name}</Table.ColumnHeader>
                    <Table.ColumnHeader>{columns.toScale}</Table.ColumnHeader>
                    <Table.ColumnHeader>
                        <Term of="adult">{columns.adult}</Term>
                    </Table.ColumnHeader>
                    <Table.ColumnHeader>{columns.temper}</Table.ColumnHeader>
                    <Table.ColumnHeader display={desk}>{columns.layer}</Table.ColumnHeader>
                    <Table.ColumnHeader display={desk}>{columns.water}</Table.ColumnHeader>
                    <Table.ColumnHeader display={desk}>{columns.region}</Table.ColumnHeader>
                    <Table.ColumnHeader display={desk}>{columns.here}</Table.ColumnHeader>
                </Table.Row>
            </Table.Header>
            <Table.Body>
                {found.map(({ species, name }) => (
                    <Table.Row key={species.id}>
                        <Table.Cell>
                            <Link to="/species/$id" params={{ id: species.id }}>
                                {species.common_name}
                            </Link>{' '}
                            <chakra.i color="ink2" display={{ base: 'none', md: 'inline' }}>
                                {species.scientific_name}
                            </chakra.i>
                            {name !== undefined && name !== species.scientific_name && (
                                <chakra.span color="ink2"> {speciesWords.alsoCalled({ name })}</chakra.span>
                            )}
                            {species.is_edited && (
                                <chakra.span color="unc" fontWeight={600}>
                                    {' '}
                                    {speciesWords.own}
                                </chakra.span>
                            )}
                        </Table.Cell>
                        <Table.Cell paddingBlock="2px">
                            <SideToScale form={species.form} band={0} mm={species.adult_mm} reach={reach} />
                        </Table.Cell>
                        <Table.Cell whiteSpace="nowrap">{projected(species.adult_mm, unit)}</Table.Cell>
                        <Table.Cell>{messages.labels.tempers[species.temperament]}</Table.Cell>
                        <Table.Cell display={desk}>{messages.labels.layers[species.layer]}</Table.Cell>
                        <Table.Cell display={desk}>{weighUpWords.waters[species.salinity]}</Table.Cell>
                        <Table.Cell display={desk}>{species.region}</Table.Cell>
                        <Table.Cell display={desk}>{species.here === 0 ? '' : species.here}</Table.Cell>
                    </Table.Row>
                ))}
            </Table.Body>
        </Table.Root>
    )
}
