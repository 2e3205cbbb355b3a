import { Box, Button, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { fishListQuery, speciesListQuery, systemsQuery } from '../api/queries'
import { ChoiceField, TextField } from '../entry/fields'
import { companyWords } from '../messages/company'
import { SpeciesField } from '../species/SpeciesField'
import { speciesNamed } from '../species/findSpecies'
import type { Member } from './mix'
import { MOST, blankOwn, blankSpecies } from './mix'

const words = companyWords.mix

interface Props {
    members: readonly Member[]
    system: string
    onMembers: (members: Member[]) => void
    onSystem: (system: string) => void
    /** What was refused, by field. */
    errorOf: (field: string) => string | undefined
}

/** Up to eight own fish or species with how many and how long, and where they are to live. */
export function MixForm({ members, system, onMembers, onSystem, errorOf }: Props) {
    const systems = useQuery(systemsQuery).data ?? []
    const change = (at: number, member: Member): void =>
        onMembers(members.map((one, i) => (i === at ? member : one)))
    return (
        <Box display="flex" flexDirection="column" gap="12px">
            <ChoiceField
                label={words.home}
                value={system}
                onChange={onSystem}
                error={errorOf('system_id')}
                options={[
                    { value: '', text: words.nowhere },
                    ...systems.map(({ id, name }) => ({ value: String(id), text: name })),
                ]}
            />
            {members.map((member, at) => (
                <chakra.fieldset
                    key={at}
                    border="none"
                    borderTop="1px solid"
                    borderColor="rule"
                    paddingTop="8px"
                    paddingInline="0"
                >
                    <chakra.legend srOnly>{words.member({ n: at + 1 })}</chakra.legend>
                    <MemberFields
                        member={member}
                        onChange={(changed) => change(at, changed)}
                        errorOf={(field) => errorOf(`members.${at}.${field}`)}
                    />
                    <Button
                        variant="plain"
                        aria-label={words.leaveOutNumber({ n: at + 1 })}
                        onClick={() => onMembers(members.filter((_, i) => i !== at))}
                    >
                        {words.leaveOut}
                    </Button>
                </chakra.fieldset>
            ))}
            {members.length < MOST && (
                <Box display="flex" gap="10px" flexWrap="wrap">
                    <Button onClick={() => onMembers([...members, blankSpecies])}>{words.addSpecies}</Button>
                    <Button onClick={() => onMembers([...members, blankOwn])}>{words.addOwn}</Button>
                </Box>
            )}
            {errorOf('members') !== undefined && (
                <chakra.p role="alert" color="over" fontWeight={600}>
                    {errorOf('members')}
                </chakra.p>
            )}
        </Box>
    )
}

interface MemberProps {
    member: Member
    onChange: (member: Member) => void
    errorOf: (field: string) => string | undefined
}

function MemberFields({ member, onChange, errorOf }: MemberProps) {
    const fish = useQuery(fishListQuery).data ?? []
    const species = useQuery(speciesListQuery).data ?? []
    if (member.kind === 'own') {
        return (
            <ChoiceField
                label={words.own}
                value={member.fish}
                onChange={(id) => onChange({ ...member, fish: id })}
                placeholder={words.choose}
                options={fish.map((one) => ({
                    value: String(one.id),
                    text: `${one.name}, ${one.home.name}`,
                }))}
                error={errorOf('fish_id')}
            />
        )
    }
    const isUnknown = member.species !== '' && speciesNamed(species, member.species) === undefined
    return (
        <Box display="grid" gridTemplateColumns="minmax(0, 1fr) 76px 96px" gap="10px" alignItems="start">
            <SpeciesField
                label={words.species}
                value={member.species}
                onChange={(name) => onChange({ ...member, species: name })}
                error={errorOf('species_id') ?? (isUnknown ? words.unknown : undefined)}
            />
            <TextField
                label={words.count}
                inputMode="numeric"
                value={member.count}
                onChange={(count) => onChange({ ...member, count })}
                error={errorOf('count')}
            />
            <TextField
                label={words.length}
                value={member.length}
                onChange={(length) => onChange({ ...member, length })}
                error={errorOf('length')}
            />
        </Box>
    )
}
