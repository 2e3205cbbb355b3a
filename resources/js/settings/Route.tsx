import { Box, Button, chakra } from '@chakra-ui/react'
import { write } from '../api/client'
import type { SystemSheet } from '../api/types'
import { useWrite } from '../entry/useWrite'
import { settingsWords } from '../messages/settings'
import { Line } from './Columns'

const words = settingsWords.place

/** The order in which the round is walked: each home one earlier or later. */
export function Route({ systems }: { systems: readonly SystemSheet[] }) {
    const ids = systems.map(({ id }) => id)
    const walk = useWrite(
        'PUT',
        '/api/v1/route',
        {},
        {
            undo: () => write('PUT', '/api/v1/route', {}, { systems: ids }),
            notice: (_, { systems: order }) => {
                const at = order.findIndex((id, i) => id !== ids[i])
                const moved = systems.find(({ id }) => id === order[at])
                return words.routeSaved({ name: moved?.name ?? '', n: at + 1 })
            },
        },
    )
    const swap = (at: number): void => {
        const order = [...ids]
        const [one, other] = [order[at], order[at + 1]]
        if (one !== undefined && other !== undefined) {
            order.splice(at, 2, other, one)
            walk.save({ systems: order })
        }
    }
    return (
        <>
            {walk.error !== undefined && <p role="alert">{walk.error}</p>}
            <chakra.ol listStyleType="none">
                {systems.map(({ id, name }, i) => (
                    <Line
                        key={id}
                        acts={
                            <>
                                <Button
                                    variant="plain"
                                    disabled={i === 0 || walk.isSaving}
                                    aria-label={`${words.up}: ${name}`}
                                    onClick={() => swap(i - 1)}
                                >
                                    {words.up}
                                </Button>
                                <Button
                                    variant="plain"
                                    disabled={i === systems.length - 1 || walk.isSaving}
                                    aria-label={`${words.down}: ${name}`}
                                    onClick={() => swap(i)}
                                >
                                    {words.down}
                                </Button>
                            </>
                        }
                    >
                        <Box as="span" fontWeight={800} display="inline-block" width="34px">
                            {i + 1}
                        </Box>
                        {name}
                    </Line>
                ))}
            </chakra.ol>
        </>
    )
}
