import { useParams } from '@tanstack/react-router'
import { messages } from '../messages'
import { speciesWords } from '../messages/species'
import { weighUpWords } from '../messages/weighUp'
import { claimSentence, speciesSentence, every } from './sentences'
import { Box, Button, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { Link, useNavigate } from '@tanstack/react-router'
import { write } from '../api/client'
import { speciesQuery, systemsQuery } from '../api/queries'
import type { SpeciesSheet } from '../api/types'
import { useUnit } from '../frame/keeper'
import { Section } from '../frame/Section'
import { SheetHead } from '../frame/SheetHead'
import { useNameSheet } from '../frame/sheetTitle'
import { Waiting } from '../frame/Waiting'
import { useWrite } from '../entry/useWrite'
import { projected } from '../units/length'
import { SpeciesDialog } from './SpeciesDialog'
import { SpeciesPicture } from './SpeciesPicture'
import { SpeciesValues } from './SpeciesValues'

/** What a species becomes, to scale, and all that is known of it. */
export function SpeciesPage() {
    const { id } = useParams({ from: '/species/$id' })
    return (
        <Waiting key={id} query={useQuery(speciesQuery(id))}>
            {(sheet) => <Sheet sheet={sheet} />}
        </Waiting>
    )
}

function Sheet({ sheet }: { sheet: SpeciesSheet }) {
    const { species } = sheet
    const unit = useUnit()
    const systems = useQuery(systemsQuery).data ?? []
    useNameSheet(species.common_name, species.scientific_name)
    const life = sheet.description.lifespan_years as { low: number; high: number } | undefined
    const comment = [
        species.sold_at_mm === null
            ? ''
            : speciesWords.soldAt({ length: projected(species.sold_at_mm, unit) }),
        life === undefined
            ? ''
            : speciesWords.livesFor({ years: weighUpWords.years({ low: life.low, high: life.high }) }),
        messages.labels.tempers[species.temperament] ?? '',
        messages.labels.layers[species.layer],
    ]
        .filter((part) => part !== '')
        .join(', ')
    return (
        <Box display="grid" gridTemplateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) 400px' }}>
            <Box>
                <SheetHead sentence={speciesSentence(sheet, unit)} comment={`${comment}.`} />
                <SpeciesPicture sheet={sheet} systems={systems} />
                <Box
                    padding={{ base: '16px 2px', md: '16px 10px' }}
                    display="flex"
                    flexDirection="column"
                    gap="20px"
                >
                    <SpeciesValues sheet={sheet} />
                </Box>
            </Box>
            <Box
                borderInlineStart={{ lg: '1.6px solid' }}
                borderColor={{ lg: 'ink' }}
                padding={{ base: '8px 2px 24px', lg: '16px 14px 24px 24px' }}
                display="flex"
                flexDirection="column"
                gap="16px"
            >
                <Box display="flex" gap="10px" flexWrap="wrap">
                    <Link to="/weigh-up" search={{ species: species.common_name }}>
                        <Button variant="solid" as="span">
                            {speciesWords.weigh}
                        </Button>
                    </Link>
                    <SpeciesDialog sheet={sheet} />
                    {!sheet.is_shipped && species.here === 0 && <TakeOut sheet={sheet} />}
                </Box>
                <Claims sheet={sheet} />
                <LookAlikes sheet={sheet} />
                {sheet.inspections.length > 0 && <Inspections sheet={sheet} />}
                {sheet.cautions.length > 0 && <Cautions sheet={sheet} />}
            </Box>
        </Box>
    )
}

/** What is said of its size, and by whom. */
function Claims({ sheet }: { sheet: SpeciesSheet }) {
    const unit = useUnit()
    return (
        <Section title={speciesWords.claims}>
            {sheet.claims.length === 0 && <chakra.p color="ink2">{speciesWords.noClaims}</chakra.p>}
            <ul>
                {sheet.claims.map((claim, i) => (
                    <chakra.li key={i} borderBottom="1px solid" borderColor="rule" paddingBlock="6px">
                        <b>{projected(claim.length_mm, unit)}</b>, {claimSentence(claim)}{' '}
                        <chakra.span color="ink2">
                            ({claim.source === '' ? speciesWords.memory : claim.source})
                        </chakra.span>
                    </chakra.li>
                ))}
            </ul>
        </Section>
    )
}

/** What it is taken for. */
function LookAlikes({ sheet }: { sheet: SpeciesSheet }) {
    const unit = useUnit()
    return (
        <Section title={speciesWords.alike}>
            {sheet.look_alikes.length === 0 && <chakra.p color="ink2">{speciesWords.noAlike}</chakra.p>}
            <ul>
                {sheet.look_alikes.map((one) => (
                    <chakra.li key={one.name} borderBottom="1px solid" borderColor="rule" paddingBlock="6px">
                        {one.species_id === null ? (
                            <b>{one.name}</b>
                        ) : (
                            <Link to="/species/$id" params={{ id: one.species_id }}>
                                {one.name}
                            </Link>
                        )}
                        : {one.marks}; {speciesWords.showsFrom({ length: projected(one.shows_at_mm, unit) })}.
                    </chakra.li>
                ))}
            </ul>
        </Section>
    )
}

/** What is looked after in it, and how often. */
function Inspections({ sheet }: { sheet: SpeciesSheet }) {
    return (
        <Section title={speciesWords.inspections}>
            <ul>
                {sheet.inspections.map((one) => (
                    <chakra.li key={one.what} borderBottom="1px solid" borderColor="rule" paddingBlock="6px">
                        {every(one.every_days)}: {one.what}
                    </chakra.li>
                ))}
            </ul>
        </Section>
    )
}

/** What the law and its handling ask. */
function Cautions({ sheet }: { sheet: SpeciesSheet }) {
    return (
        <Section title={speciesWords.cautions}>
            <ul>
                {sheet.cautions.map((one) => (
                    <chakra.li key={one} paddingBlock="6px" color="close" fontWeight={600}>
                        {one}
                    </chakra.li>
                ))}
            </ul>
        </Section>
    )
}

function TakeOut({ sheet }: { sheet: SpeciesSheet }) {
    const navigate = useNavigate()
    const remove = useWrite(
        'DELETE',
        '/api/v1/species/{species}',
        { species: sheet.species.id },
        {
            notice: () => speciesWords.removed({ name: sheet.species.common_name }),
            undo: () =>
                write(
                    'POST',
                    '/api/v1/species',
                    {},
                    { description: sheet.description, form: sheet.species.form },
                ),
            onDone: () => navigate({ to: '/species' }),
        },
    )
    return (
        <Button variant="plain" disabled={remove.isSaving} onClick={() => remove.save(undefined)}>
            {speciesWords.remove}
        </Button>
    )
}
