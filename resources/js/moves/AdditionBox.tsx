import { Box, Button, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { Link, useLocation } from '@tanstack/react-router'
import { useForm, useWatch } from 'react-hook-form'
import { write } from '../api/client'
import { systemsQuery } from '../api/queries'
import type { Addition, CheckItem, WatchSheet } from '../api/types'
import { useKeeper } from '../frame/keeper'
import { FieldForm, fieldsOf } from '../entry/FieldForm'
import { momentNow } from '../entry/timeNow'
import { useWrite } from '../entry/useWrite'
import { messages } from '../messages'
import { movesWords } from '../messages/moves'
import { joined } from '../messages/joined'
import { lookedAt } from './lookedAt'
import { watchColour } from './movesSentence'
import { WatchBox } from './WatchBox'

/** What is seen of one of them; the fields are as they stand on the form. */
interface Seen {
    isOpen: boolean
    troubles: readonly CheckItem[]
    chased_by_id: string
    chases_id: string
    note: string
    has_eaten: boolean
}

interface Values {
    have_eaten: boolean
    /** In the order of the watches. */
    seen: Seen[]
}

const NOTHING: Seen = {
    isOpen: false,
    troubles: [],
    chased_by_id: '',
    chases_id: '',
    note: '',
    has_eaten: false,
}

const { Text, Choice, Check } = fieldsOf<Values>()

const isGood = (seen: Seen): boolean =>
    seen.troubles.length === 0 && seen.chased_by_id === '' && seen.chases_id === '' && seen.note === ''

/** Where one is sent to that is to be looked at. */
const anchorOf = ({ id }: WatchSheet): string => `addition-${id}`

/** All that went into one home in one go: one look at them, with the exceptions, and the watch of each. */
export function AdditionBox({ addition }: { addition: Addition }) {
    const { today } = useKeeper()
    const [first, ...others] = addition.watches
    if (first === undefined) {
        return null
    }
    const rounds = addition.watches.flatMap((watch) => watch.rounds)
    const missed = Math.max(
        ...addition.watches.map((watch) => watch.rounds.filter(({ state }) => state === 'missed').length),
    )
    const next = rounds
        .filter(({ state }) => state === 'due' || state === 'to-come')
        .sort((left, right) => left.at.localeCompare(right.at))[0]
    return (
        <Box
            id={anchorOf(first)}
            paddingBlock="12px"
            borderBottom="1px solid"
            borderColor="ink"
            display="flex"
            flexDirection="column"
            gap="10px"
        >
            <Box>
                <chakra.p color="ink2">
                    {others.length > 0 && `${movesWords.watch.together({ n: addition.watches.length })} `}
                    {addition.home}, {movesWords.watch.began({ when: lookedAt(addition.began_at, today) })}.{' '}
                    {next !== undefined &&
                        movesWords.watch.next({ when: lookedAt(next.at, today), why: next.why })}{' '}
                    {missed > 0 && (
                        <chakra.span color="over" fontWeight={700}>
                            {movesWords.watch.missed({ n: missed })}
                        </chakra.span>
                    )}
                </chakra.p>
            </Box>
            <Look key={addition.watches.map(({ id }) => id).join()} addition={addition} first={first} />
            {others.length === 0 ? (
                <WatchBox watch={first} />
            ) : (
                addition.watches.map((watch) => (
                    <chakra.details key={watch.id} open={watch.outcome !== 'watch' || watch.advice !== null}>
                        <chakra.summary minHeight="44px" paddingBlock="10px" cursor="pointer">
                            {movesWords.watch.more({ name: watch.name })}
                        </chakra.summary>
                        <WatchBox watch={watch} />
                    </chakra.details>
                ))
            )}
        </Box>
    )
}

const actBut = (names: readonly string[], isOne: boolean): string =>
    isOne ? movesWords.watch.look : movesWords.watch.allGoodBut({ names: joined(names) })

/** One tap when all is well; what is not is tagged at the fish that it concerns. */
function Look({ addition, first }: { addition: Addition; first: WatchSheet }) {
    const { watches } = addition
    const isOne = watches.length === 1
    const { hash } = useLocation()
    const isLookedAt = isOne && hash === anchorOf(first)
    const untouched: Values = {
        have_eaten: false,
        seen: watches.map(() => ({ ...NOTHING, isOpen: isLookedAt })),
    }
    const form = useForm<Values>({ defaultValues: untouched })
    const startAnew = (): void => form.reset(untouched)
    const seen = useWatch({ control: form.control, name: 'seen' })
    const names = watches.filter((_, i) => !isGood(seen[i] ?? NOTHING)).map(({ name }) => name)
    const look = useWrite(
        'POST',
        '/api/v1/watches/{watch}/checks',
        { watch: first.id },
        {
            notice: () => messages.today.looked({ name: watches.map(({ name }) => name).join(', ') }),
            undo: (recorded) => write('DELETE', '/api/v1/watch-checks/{check}', { check: recorded.id }),
            onDone: startAnew,
            onKept: startAnew,
        },
    )
    const act = names.length === 0 ? messages.today.allGood : actBut(names, isOne)
    return (
        <FieldForm
            form={form}
            entry={look}
            act={act}
            onSave={(values) =>
                look.save({
                    at: momentNow(),
                    has_eaten: values.have_eaten,
                    exceptions: exceptionsOf(watches, values),
                })
            }
        >
            {watches.map((watch, i) => (
                <Box key={watch.id} display="flex" flexDirection="column" gap="10px">
                    <Box display="flex" justifyContent="space-between" gap="10px" alignItems="center">
                        <Box>
                            <chakra.h3 fontSize="part" fontWeight={800}>
                                <Link to="/fish/$id" params={{ id: watch.fish_id }}>
                                    {watch.name}
                                </Link>
                            </chakra.h3>
                            <chakra.p fontWeight={700} color={watchColour(watch)}>
                                {watch.sentence}
                            </chakra.p>
                        </Box>
                        {seen[i]?.isOpen !== true && (
                            <NotWell
                                name={watch.name}
                                onOpen={() =>
                                    form.setValue(`seen.${i}`, {
                                        ...NOTHING,
                                        isOpen: true,
                                        has_eaten: form.getValues('have_eaten'),
                                    })
                                }
                            />
                        )}
                    </Box>
                    {seen[i]?.isOpen === true && (
                        <SeenFields
                            watch={watch}
                            at={i}
                            chosen={seen[i].troubles}
                            isOne={isOne}
                            onTroubles={(troubles) => form.setValue(`seen.${i}.troubles`, troubles)}
                        />
                    )}
                </Box>
            ))}
            <Check name="have_eaten" label={isOne ? movesWords.watch.eaten : movesWords.watch.allEaten} />
        </FieldForm>
    )
}

function NotWell({ name, onOpen }: { name: string; onOpen: () => void }) {
    return (
        <Button flex="none" aria-label={`${movesWords.watch.notGood}: ${name}`} onClick={onOpen}>
            {movesWords.watch.notGood}
        </Button>
    )
}

/** Those that are not well; of a single one, its note too. */
function exceptionsOf(watches: readonly WatchSheet[], { have_eaten, seen }: Values) {
    return watches.flatMap((watch, i) => {
        const one = seen[i] ?? NOTHING
        return isGood(one)
            ? []
            : {
                  watch_id: watch.id,
                  troubles: [...one.troubles],
                  has_eaten: watches.length === 1 ? have_eaten : one.has_eaten,
                  chased_by_id: one.chased_by_id === '' ? null : Number(one.chased_by_id),
                  chases_id: one.chases_id === '' ? null : Number(one.chases_id),
                  note: one.note === '' ? null : one.note,
              }
    })
}

interface SeenProps {
    watch: WatchSheet
    at: number
    chosen: readonly CheckItem[]
    isOne: boolean
    onTroubles: (chosen: readonly CheckItem[]) => void
}

/** What is not as it should be, by touch. */
function SeenFields({ watch, at, chosen, isOne, onTroubles }: SeenProps) {
    const home = (useQuery(systemsQuery).data ?? []).find(({ id }) => id === watch.system_id)
    const others = [
        { value: '', text: movesWords.watch.nobody },
        ...(home?.fish ?? [])
            .filter(({ id }) => id !== watch.fish_id)
            .map(({ id, name }) => ({ value: String(id), text: name })),
    ]
    return (
        <>
            <Troubles name={watch.name} items={watch.items} chosen={chosen} onChange={onTroubles} />
            <Box
                display="grid"
                gridTemplateColumns="repeat(auto-fit, minmax(150px, 1fr))"
                gap="10px"
                alignItems="end"
            >
                <Choice
                    name={`seen.${at}.chased_by_id`}
                    refusedAs="exceptions.0.chased_by_id"
                    label={movesWords.watch.chased}
                    options={others}
                />
                <Choice
                    name={`seen.${at}.chases_id`}
                    refusedAs="exceptions.0.chases_id"
                    label={movesWords.watch.chasesToo}
                    options={others}
                />
                <Text name={`seen.${at}.note`} label={movesWords.watch.note} />
            </Box>
            {!isOne && <Check name={`seen.${at}.has_eaten`} label={movesWords.watch.eaten} />}
        </>
    )
}

interface TroublesProps {
    name: string
    items: readonly CheckItem[]
    chosen: readonly CheckItem[]
    onChange: (chosen: readonly CheckItem[]) => void
}

function Troubles({ name, items, chosen, onChange }: TroublesProps) {
    return (
        <Box
            display="flex"
            flexWrap="wrap"
            gap="8px"
            role="group"
            aria-label={`${movesWords.watch.title}: ${name}`}
        >
            {items.map((item) => {
                const isOn = chosen.includes(item)
                return (
                    <Button
                        key={item}
                        minHeight="50px"
                        paddingInline="12px"
                        aria-pressed={isOn}
                        borderColor={isOn ? 'over' : 'edge'}
                        color={isOn ? 'over' : 'ink'}
                        onClick={() =>
                            onChange(isOn ? chosen.filter((other) => other !== item) : [...chosen, item])
                        }
                    >
                        {isOn ? '✓ ' : ''}
                        {messages.labels.items[item]}
                    </Button>
                )
            })}
        </Box>
    )
}
