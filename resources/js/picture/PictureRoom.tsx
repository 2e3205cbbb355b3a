import { Box, Button } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useForm } from 'react-hook-form'
import type { PictureRoom as Room } from '../api/types'
import { FieldForm, fieldsOf } from '../entry/FieldForm'
import { useWrite } from '../entry/useWrite'
import { Section } from '../frame/Section'
import { Waiting } from '../frame/Waiting'
import { pictureWords } from '../messages/picture'
import { pictureRoomQuery } from './queries'

const words = pictureWords.room

interface Values {
    limit_mb: string
}

const { Text } = fieldsOf<Values>()

/** How much of the disk pictures take, and may take. */
export function PictureRoom() {
    return (
        <Section title={words.title}>
            <Waiting query={useQuery(pictureRoomQuery)}>
                {(room) => (
                    <>
                        <Form room={room} />
                        {room.removed_mb > 0 && <Removed room={room} />}
                    </>
                )}
            </Waiting>
        </Section>
    )
}

function Form({ room }: { room: Room }) {
    const form = useForm<Values>({ values: { limit_mb: String(room.limit_mb) } })
    const change = useWrite(
        'PUT',
        '/api/v1/picture-room',
        {},
        { notice: ({ limit_mb }) => words.saved({ limit: limit_mb }) },
    )
    return (
        <FieldForm
            form={form}
            entry={change}
            act={words.save}
            onSave={({ limit_mb }) => change.save({ limit_mb: Number(limit_mb) })}
        >
            <p>{words.used({ n: room.pictures, used: room.used_mb, limit: room.limit_mb })}</p>
            <Text name="limit_mb" label={words.limit} inputMode="numeric" />
        </FieldForm>
    )
}

/** What was taken out stays until somebody wants its room. */
function Removed({ room }: { room: Room }) {
    const erase = useWrite('DELETE', '/api/v1/picture-room/removed', {}, { notice: () => words.erased })
    return (
        <Box display="flex" flexWrap="wrap" gap="12px" alignItems="center" paddingTop="10px">
            <span>{words.removed({ removed: room.removed_mb })}</span>
            <Button disabled={erase.isSaving} onClick={() => erase.save(undefined)}>
                {words.erase}
            </Button>
        </Box>
    )
}
