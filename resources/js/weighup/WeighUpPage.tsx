import { useSearch } from '@tanstack/react-router'
import { weighUpWords } from '../messages/weighUp'
import { Box, Button } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { UseFormReturn } from 'react-hook-form'
import { useForm, useWatch } from 'react-hook-form'
import { Refused } from '../api/refused'
import { speciesListQuery, weighUpQuery } from '../api/queries'
import type { SpeciesRow, Weighed } from '../api/types'
import { CheckField } from '../entry/CheckField'
import { SheetHead } from '../frame/SheetHead'
import { useNameSheet } from '../frame/sheetTitle'
import { speciesNamed } from '../species/findSpecies'
import type { CandidateTyped, Companion, Perhaps } from './candidate'
import { askedOf, noCandidate } from './candidate'
import { CandidateForm } from './CandidateForm'
import { Kinds } from './Kinds'
import { Verdict } from './Verdict'

/** One candidate, or two side by side: the whole future before it is bought. */
export function WeighUpPage() {
    const { species = '' } = useSearch({ from: '/weigh-up' })
    return <WeighUp key={species} species={species} />
}

function WeighUp({ species }: { species: string }) {
    useNameSheet(weighUpWords.title)
    const [isBeside, setBeside] = useState(false)
    const [together, setTogether] = useState(false)
    const first = useCandidate(species)
    const second = useCandidate(
        '',
        isBeside && together && first.species !== undefined
            ? { typed: first.typed, speciesId: first.species.id }
            : undefined,
    )
    const columns = isBeside ? [first, second] : [first]
    const weighed = columns.filter((one) => one.weighed !== undefined && one.species !== undefined)
    const sentence = sentenceOf(weighed, together)
    return (
        <>
            <SheetHead
                sentence={sentence}
                comment={weighed.length === 0 ? weighUpWords.emptyComment : weighUpWords.chainNote}
            />
            {isBeside && (
                <Beside together={together} onTogether={setTogether} onAlone={() => setBeside(false)} />
            )}
            <Box
                display="grid"
                gridTemplateColumns={{
                    base: 'minmax(0, 1fr)',
                    lg: isBeside ? 'minmax(0, 1fr) minmax(0, 1fr)' : '330px minmax(0, 1fr)',
                }}
                columnGap="30px"
                rowGap="20px"
                padding={{ base: '14px 2px 24px', md: '16px 10px 24px' }}
                alignItems="start"
            >
                {columns.map((candidate, i) => (
                    <Column
                        key={i}
                        candidate={candidate}
                        isBeside={isBeside}
                        onBeside={() => setBeside(true)}
                    />
                ))}
            </Box>
        </>
    )
}

function sentenceOf(weighed: readonly Candidate[], together: boolean): string {
    const [first, second] = weighed
    if (first === undefined) {
        return weighUpWords.empty
    }
    if (second === undefined) {
        return first.weighed?.sentence ?? ''
    }
    return (together ? weighUpWords.pairTogether : weighUpWords.between)({
        a: first.species?.common_name ?? '',
        b: (second.species?.common_name ?? '').toLowerCase(),
    })
}

interface BesideProps {
    together: boolean
    onTogether: (together: boolean) => void
    onAlone: () => void
}

/** Two stand beside each other: as either, or as both. */
function Beside({ together, onTogether, onAlone }: BesideProps) {
    return (
        <Box
            display="flex"
            flexWrap="wrap"
            alignItems="center"
            columnGap="16px"
            paddingInline={{ base: '2px', md: '10px' }}
            paddingTop="6px"
        >
            <CheckField label={weighUpWords.together} checked={together} onChange={onTogether} />
            <Button variant="plain" onClick={onAlone}>
                {weighUpWords.alone}
            </Button>
        </Box>
    )
}

interface ColumnProps {
    candidate: Candidate
    isBeside: boolean
    onBeside: () => void
}

function Column({ candidate, isBeside, onBeside }: ColumnProps) {
    return (
        <Box display={isBeside ? 'flex' : 'contents'} flexDirection="column" gap="20px">
            <Box display="flex" flexDirection="column" gap="14px">
                <CandidateForm
                    form={candidate.form}
                    refused={candidate.refused}
                    unknown={candidate.unknown}
                />
                {!isBeside && (
                    <Button variant="plain" alignSelf="start" onClick={onBeside}>
                        {weighUpWords.beside}
                    </Button>
                )}
            </Box>
            {candidate.weighed !== undefined && candidate.species !== undefined ? (
                <Verdict
                    weighed={candidate.weighed}
                    species={candidate.species}
                    typed={candidate.typed}
                    perhaps={candidate.perhaps}
                    worst={candidate.worst ?? candidate.species}
                    isHeaded={isBeside}
                />
            ) : candidate.typed.species !== '' ? (
                <Box />
            ) : (
                <Kinds
                    isNarrow={isBeside}
                    allSpecies={candidate.allSpecies}
                    onChoose={({ common_name }) => candidate.form.setValue('species', common_name)}
                />
            )}
        </Box>
    )
}

interface Candidate {
    allSpecies: readonly SpeciesRow[]
    form: UseFormReturn<CandidateTyped>
    typed: CandidateTyped
    species: SpeciesRow | undefined
    perhaps: readonly Perhaps[]
    /** Names that no species here has. */
    unknown: readonly string[]
    /** Of those that it may be. */
    worst: SpeciesRow | undefined
    weighed: Weighed | undefined
    refused: Refused | undefined
}

/** Those rows in which a species is named that is known here. */
const perhapsOf = ({ perhaps }: CandidateTyped, allSpecies: readonly SpeciesRow[]): Perhaps[] =>
    perhaps.flatMap(({ species, share }) => {
        const id = speciesNamed(allSpecies, species)?.id
        return id === undefined ? [] : [{ species_id: id, weight: Number(share) / 100 }]
    })

/** @param companion who comes before it, if they come together */
function useCandidate(speciesName: string, companion?: Companion): Candidate {
    const allSpecies = useQuery(speciesListQuery).data ?? []
    const form = useForm({ defaultValues: noCandidate(speciesName) })
    const perhapsTyped = useWatch({ control: form.control, name: 'perhaps' })
    const typed = { ...noCandidate(), ...useWatch({ control: form.control }), perhaps: perhapsTyped }
    const species = speciesNamed(allSpecies, typed.species)
    const perhaps = perhapsOf(typed, allSpecies)
    const asked = askedOf(typed, species?.id, perhaps, companion)
    const answer = useQuery(weighUpQuery(asked))
    const weighed = asked === null || answer.isError ? undefined : answer.data
    const worst = weighed?.unsure?.lives[0]?.species
    return {
        allSpecies,
        form,
        typed,
        species,
        perhaps,
        unknown: [typed.species, ...typed.perhaps.map((one) => one.species)].filter(
            (name) => name.trim() !== '' && speciesNamed(allSpecies, name) === undefined,
        ),
        worst: allSpecies.find(({ common_name }) => common_name === worst),
        weighed,
        refused: answer.error instanceof Refused ? answer.error : undefined,
    }
}
