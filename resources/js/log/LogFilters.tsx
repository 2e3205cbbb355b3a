import { Box, Button, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { fishListQuery, formerFishQuery, systemsQuery } from '../api/queries'
import { CheckField } from '../entry/CheckField'
import { ChoiceField, optionsOf, TextField } from '../entry/fields'
import { useKeeper } from '../frame/keeper'
import { oneLogWords } from '../messages/oneLog'
import type { LogSearch } from './logSearch'

const words = oneLogWords.filter

/** After this many milliseconds without a key what was typed is looked for. */
const PAUSE = 250

interface Props {
    shown: LogSearch
    onShow: (next: LogSearch) => void
}

/** What of the log is shown: about whom, where, which kind, when, which words. */
export function LogFilters({ shown, onShow }: Props) {
    const { today } = useKeeper()
    const fish = [...(useQuery(fishListQuery).data ?? []), ...(useQuery(formerFishQuery).data ?? [])]
    const systems = useQuery(systemsQuery).data ?? []
    const set = (part: LogSearch): void => onShow(withoutNothing({ ...shown, ...part }))
    const [isOpen, open] = useState(false)
    const any = { value: '', text: words.any }
    return (
        <chakra.search aria-label={words.title} display="flex" flexDirection="column" gap="12px">
            <WordsField typed={shown.words ?? ''} onType={(typed) => set({ words: typed })} />
            <Button
                display={{ base: 'block', lg: 'none' }}
                aria-expanded={isOpen}
                onClick={() => open(!isOpen)}
            >
                {words.title}
            </Button>
            <Box display={{ base: isOpen ? 'flex' : 'none', lg: 'flex' }} flexDirection="column" gap="12px">
                <ChoiceField
                    label={words.fish}
                    value={String(shown.fish ?? '')}
                    onChange={(id) => set({ fish: id === '' ? undefined : Number(id) })}
                    options={[any, ...fish.map(({ id, name }) => ({ value: String(id), text: name }))]}
                />
                <ChoiceField
                    label={words.system}
                    value={String(shown.system ?? '')}
                    onChange={(id) => set({ system: id === '' ? undefined : Number(id) })}
                    options={[any, ...systems.map(({ id, name }) => ({ value: String(id), text: name }))]}
                />
                <ChoiceField
                    label={words.group}
                    value={shown.group ?? ''}
                    onChange={(group) => set({ group })}
                    options={[any, ...optionsOf(oneLogWords.groups)]}
                />
                <Box display="grid" gridTemplateColumns="repeat(2, minmax(0, 1fr))" gap="10px">
                    <TextField
                        label={words.from}
                        type="date"
                        max={today}
                        value={shown.from ?? ''}
                        onChange={(from) => set({ from })}
                    />
                    <TextField
                        label={words.until}
                        type="date"
                        max={today}
                        value={shown.until ?? ''}
                        onChange={(until) => set({ until })}
                    />
                </Box>
                <CheckField
                    label={words.removed}
                    checked={shown.removed !== undefined}
                    onChange={(isAsked) => set({ removed: isAsked ? 'yes' : undefined })}
                />
            </Box>
            {Object.keys(shown).length > 0 && <Button onClick={() => onShow({})}>{words.clear}</Button>}
        </chakra.search>
    )
}

function WordsField({ typed, onType }: { typed: string; onType: (typed: string) => void }) {
    const [value, setValue] = useState(typed)
    useEffect(() => {
        if (value === typed) {
            return
        }
        const waiting = setTimeout(() => onType(value), PAUSE)
        return () => clearTimeout(waiting)
    }, [value, typed, onType])
    return <TextField label={words.words} type="search" value={value} onChange={setValue} maxLength={200} />
}

const withoutNothing = (search: LogSearch): LogSearch =>
    Object.fromEntries(Object.entries(search).filter(([, value]) => value !== undefined && value !== ''))
