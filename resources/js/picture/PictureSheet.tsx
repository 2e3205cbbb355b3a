import { Box, Button, chakra } from '@chakra-ui/react'
import { Link } from '@tanstack/react-router'
import { write } from '../api/client'
import type { PictureRow } from '../api/types'
import { useWrite } from '../entry/useWrite'
import { useKeeper, useUnit } from '../frame/keeper'
import { pictureWords as words } from '../messages/picture'
import { longDay } from '../units/day'
import { measured } from '../units/length'
import { addressOf } from './addressOf'

interface Props {
    picture: PictureRow
    name: string
    onDone: () => void
}

/** One picture, as large as the slip, with what can be done about it. */
export function PictureSheet({ picture, name, onDone }: Props) {
    const { today } = useKeeper()
    const unit = useUnit()
    const named = { picture: picture.id }
    const remove = useWrite('DELETE', '/api/v1/pictures/{picture}', named, {
        notice: () => words.open.removed,
        undo: () => write('POST', '/api/v1/pictures/{picture}/restore', named),
        onDone,
    })
    return (
        <Box display="flex" flexDirection="column" gap="12px">
            <chakra.img
                src={addressOf(picture.id, 'sheet')}
                alt={words.of({ name, day: longDay(picture.date, today) })}
                width="100%"
                height="auto"
                border="1.4px solid"
                borderColor="edge"
            />
            <p>
                {longDay(picture.date, today)}
                {picture.time !== null && `, ${picture.time}`}.{' '}
                {picture.length_mm !== null &&
                    `${words.measured({ length: measured(picture.length_mm, unit) })}.`}{' '}
                {picture.note}
            </p>
            {remove.error !== undefined && <p role="alert">{remove.error}</p>}
            <Box display="flex" flexWrap="wrap" gap="10px" alignItems="center">
                <Button asChild variant="solid" flex="1">
                    <Link to="/pictures/$id/measure" params={{ id: picture.id }} onClick={onDone}>
                        {picture.marks === null ? words.open.measure : words.open.again}
                    </Link>
                </Button>
                <Button flex="1" disabled={remove.isSaving} onClick={() => remove.save(undefined)}>
                    {words.open.remove}
                </Button>
            </Box>
            <a href={addressOf(picture.id, 'full')} target="_blank" rel="noreferrer">
                {words.open.full}
            </a>
        </Box>
    )
}
