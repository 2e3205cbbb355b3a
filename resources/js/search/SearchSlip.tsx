import { Box, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import type { LinkProps } from '@tanstack/react-router'
import { Link } from '@tanstack/react-router'
import type { ReactNode } from 'react'
import { useEffect, useState } from 'react'
import { searchQuery } from '../log/queries'
import type { FoundName } from '../api/types'
import { TextField } from '../entry/fields'
import { useKeeper } from '../frame/keeper'
import { LogLines } from '../log/LogLines'
import { oneLogWords } from '../messages/oneLog'

const words = oneLogWords.search

/** After this many milliseconds without a key it is looked for. */
const PAUSE = 200

/** Looks for fish, homes, species and entries by what is typed. */
export function SearchSlip({ onGo }: { onGo: () => void }) {
    const { today } = useKeeper()
    const [typed, setTyped] = useState('')
    const [asked, ask] = useState('')
    useEffect(() => {
        const waiting = setTimeout(() => ask(typed.trim()), PAUSE)
        return () => clearTimeout(waiting)
    }, [typed])
    const found = useQuery(searchQuery(asked))
    const data = asked === '' ? undefined : found.data
    const isNothing =
        data !== undefined &&
        [data.fish, data.systems, data.species, data.log.lines].every((list) => list.length === 0)
    return (
        <Box display="flex" flexDirection="column" gap="12px" data-today={today}>
            <TextField
                label={words.words}
                type="search"
                value={typed}
                onChange={setTyped}
                maxLength={200}
                help={words.help}
            />
            <Box aria-live="polite" aria-busy={found.isFetching}>
                {isNothing && <p>{words.nothing}</p>}
                {data !== undefined && (
                    <>
                        <Names title={words.fish} names={data.fish} to="/fish/$id" onGo={onGo} />
                        <Names title={words.systems} names={data.systems} to="/systems/$id" onGo={onGo} />
                        <Names title={words.species} names={data.species} to="/species/$id" onGo={onGo} />
                        {data.log.lines.length > 0 && (
                            <Group title={words.log}>
                                {data.log.guessed !== null && <p>{data.log.guessed}</p>}
                                <LogLines lines={data.log.lines} isNarrow />
                                <Link to="/log" search={{ words: asked }} onClick={onGo}>
                                    {oneLogWords.part.all}
                                </Link>
                            </Group>
                        )}
                    </>
                )}
            </Box>
        </Box>
    )
}

interface NamesProps {
    title: string
    names: readonly FoundName[]
    to: Extract<LinkProps['to'], '/fish/$id' | '/systems/$id' | '/species/$id'>
    onGo: () => void
}

function Names({ title, names, to, onGo }: NamesProps) {
    return names.length === 0 ? null : (
        <Group title={title}>
            <chakra.ul listStyleType="none" padding="0">
                {names.map(({ id, name, more }) => (
                    <chakra.li key={id} borderBottom="1px solid" borderColor="rule">
                        <Link
                            to={to}
                            params={{ id }}
                            onClick={onGo}
                            style={{ display: 'flex', minHeight: '44px', alignItems: 'center', gap: '10px' }}
                        >
                            <b>{name}</b>
                            {more !== null && <chakra.span color="ink2">{more}</chakra.span>}
                        </Link>
                    </chakra.li>
                ))}
            </chakra.ul>
        </Group>
    )
}

function Group({ title, children }: { title: string; children: ReactNode }) {
    return (
        <Box as="section" aria-label={title} paddingBottom="10px">
            <chakra.h3 fontSize="said" fontWeight={800} borderBottom="1.6px solid" borderColor="ink">
                {title}
            </chakra.h3>
            {children}
        </Box>
    )
}
