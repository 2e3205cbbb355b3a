import { Box, Button, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { speciesListQuery } from '../api/queries'
import type { PlanPage, Supposed } from '../api/types'
import { useKeeper } from '../frame/keeper'
import { Fold } from '../frame/Fold'
import { ChoiceField, TextField, optionsOf } from '../entry/fields'
import { planWords } from '../messages/plan'
import { addDays } from '../units/day'
import type { Draft } from './draft'
import { supposing } from './draft'
import { RescueList } from './RescueList'

const words = planWords.whatIf
type Kind = keyof typeof words.kinds
const WEEKS = [2, 4, 8, 12, 26]
const DAYS = 7

interface Props {
    page: PlanPage
    draft: Draft
    onDraft: (next: Draft) => void
}

/** What if a home comes later, a fish grows fast, one more is bought, or a system fails tonight? */
export function WhatIf(props: Props) {
    const [kind, setKind] = useState<Kind>('none')
    return (
        <Fold title={words.title}>
            <Box paddingTop="10px" display="flex" flexDirection="column" gap="12px">
                <ChoiceField
                    label={words.kind}
                    value={kind}
                    onChange={(value) => setKind(value as Kind)}
                    options={optionsOf(words.kinds)}
                />
                {kind === 'ready-later' && <Later {...props} />}
                {kind === 'grows-large' && <Fast {...props} />}
                {kind === 'one-more' && <OneMore {...props} />}
                {kind === 'fails' && <Fails {...props} />}
                {kind !== 'none' && kind !== 'fails' && <chakra.p color="ink2">{words.plan}</chakra.p>}
            </Box>
        </Fold>
    )
}

const homesOf = (page: PlanPage) =>
    page.lanes.flatMap(({ system_id, name }) =>
        system_id === null ? [] : [{ value: String(system_id), text: name }],
    )

function See({ supposed, draft, onDraft }: Omit<Props, 'page'> & { supposed: Supposed | null }) {
    return (
        <Button
            disabled={supposed === null}
            onClick={() => supposed !== null && onDraft(supposing(draft, supposed))}
        >
            {words.suppose}
        </Button>
    )
}

function Later({ page, ...draft }: Props) {
    const [home, setHome] = useState('')
    const [weeks, setWeeks] = useState('4')
    const lane = page.lanes.find(({ system_id }) => String(system_id) === home)
    const from = lane?.ready_from ?? page.date
    return (
        <>
            <ChoiceField
                label={words.home}
                value={home}
                onChange={setHome}
                options={homesOf(page)}
                placeholder={words.kinds.none}
            />
            <ChoiceField
                label={words.weeks}
                value={weeks}
                onChange={setWeeks}
                options={WEEKS.map((count) => ({ value: String(count), text: words.weeksOf({ count }) }))}
            />
            <See
                {...draft}
                supposed={
                    lane === undefined
                        ? null
                        : {
                              kind: 'ready-later',
                              system_id: lane.system_id,
                              on: addDays(from, DAYS * Number(weeks)),
                          }
                }
            />
        </>
    )
}

function Fast({ page, ...draft }: Props) {
    const [fish, setFish] = useState('')
    const names = new Map(
        page.bands
            .filter(({ fish_id, is_part }) => fish_id > 0 && !is_part)
            .map((band) => [String(band.fish_id), band.name]),
    )
    return (
        <>
            <ChoiceField
                label={words.fish}
                value={fish}
                onChange={setFish}
                options={[...names].map(([value, text]) => ({ value, text }))}
                placeholder={words.kinds.none}
            />
            <See {...draft} supposed={fish === '' ? null : { kind: 'grows-large', fish_id: Number(fish) }} />
        </>
    )
}

function OneMore({ page, ...draft }: Props) {
    const [species, setSpecies] = useState('')
    const [home, setHome] = useState('')
    const [length, setLength] = useState('')
    const [count, setCount] = useState('1')
    const kinds = useQuery(speciesListQuery).data ?? []
    const isSaid = species !== '' && home !== '' && length.trim() !== '' && Number(count) >= 1
    return (
        <>
            <ChoiceField
                label={words.species}
                value={species}
                onChange={setSpecies}
                options={kinds.map(({ id, common_name }) => ({ value: String(id), text: common_name }))}
                placeholder={words.kinds.none}
            />
            <TextField label={words.length} value={length} onChange={setLength} inputMode="text" />
            <TextField label={words.count} value={count} onChange={setCount} inputMode="numeric" />
            <ChoiceField
                label={words.home}
                value={home}
                onChange={setHome}
                options={homesOf(page)}
                placeholder={words.kinds.none}
            />
            <See
                {...draft}
                supposed={
                    isSaid
                        ? {
                              kind: 'one-more',
                              species_id: Number(species),
                              system_id: Number(home),
                              length,
                              count: Math.round(Number(count)),
                          }
                        : null
                }
            />
        </>
    )
}

function Fails({ page }: Props) {
    const [home, setHome] = useState('')
    const { today } = useKeeper()
    return (
        <>
            <ChoiceField
                label={words.home}
                value={home}
                onChange={setHome}
                options={homesOf(page)}
                placeholder={words.kinds.none}
            />
            {home !== '' && <RescueList key={`${home} ${today}`} system={Number(home)} />}
        </>
    )
}
