import { Box, Button, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { fishListQuery } from '../api/queries'
import { useKeeper } from '../frame/keeper'
import { ChoiceField } from '../entry/fields'
import { planWords } from '../messages/plan'
import { longDay } from '../units/day'
import type { Lock } from './locks'
import { withLock } from './locks'

const words = planWords.locks

/** Fish that stay where they are whatever else happens, and moves that are kept. */
export function Locks({
    locks,
    onLocks,
}: {
    locks: readonly Lock[]
    onLocks: (locks: readonly Lock[]) => void
}) {
    const { today } = useKeeper()
    const fish = useQuery(fishListQuery).data ?? []
    const add = (id: string): void => {
        const one = fish.find((row) => String(row.id) === id)
        if (one !== undefined) {
            onLocks(
                withLock(locks, {
                    fish: one.id,
                    name: one.name,
                    system: one.home.system_id,
                    home: one.home.name,
                    from: null,
                }),
            )
        }
    }
    return (
        <Box display="flex" flexDirection="column" gap="6px">
            <ChoiceField
                label={words.stays}
                value=""
                onChange={add}
                options={[
                    { value: '', text: words.choose },
                    ...fish
                        .filter(({ id }) => locks.every((lock) => lock.fish !== id))
                        .map((one) => ({ value: String(one.id), text: `${one.name}, ${one.home.name}` })),
                ]}
            />
            <chakra.ul listStyleType="none" padding="0">
                {locks.map((lock) => (
                    <chakra.li
                        key={lock.fish}
                        display="flex"
                        alignItems="center"
                        justifyContent="space-between"
                        gap="8px"
                    >
                        <span>
                            {lock.from === null
                                ? words.kept({ name: lock.name, home: lock.home })
                                : words.goes({
                                      name: lock.name,
                                      home: lock.home,
                                      day: longDay(lock.from, today),
                                  })}
                        </span>
                        <Button
                            variant="plain"
                            aria-label={words.freeNamed({ name: lock.name })}
                            onClick={() => onLocks(locks.filter(({ fish: other }) => other !== lock.fish))}
                        >
                            {words.free}
                        </Button>
                    </chakra.li>
                ))}
            </chakra.ul>
        </Box>
    )
}
