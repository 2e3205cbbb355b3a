import { Box, Button, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useNavigate } from '@tanstack/react-router'
import { useForm } from 'react-hook-form'
import { FieldForm, fieldsOf } from '../entry/FieldForm'
import { useWrite } from '../entry/useWrite'
import { Waiting } from '../frame/Waiting'
import { pictureWords } from '../messages/picture'
import { cameraQuery } from './queries'

const words = pictureWords.camera

interface Values {
    url: string
}

const { Text } = fieldsOf<Values>()

/** A camera before a system: takes a picture when asked, and its address can be set. */
export function Camera({ system }: { system: number }) {
    return (
        <Waiting query={useQuery(cameraQuery(system))}>
            {({ url }) => <Place system={system} url={url} />}
        </Waiting>
    )
}

function Place({ system, url }: { system: number; url: string | null }) {
    const navigate = useNavigate()
    const form = useForm<Values>({ values: { url: url ?? '' } })
    const change = useWrite(
        'PUT',
        '/api/v1/systems/{system}/camera',
        { system },
        { notice: () => words.saved },
    )
    const take = useWrite(
        'POST',
        '/api/v1/systems/{system}/camera/picture',
        { system },
        {
            notice: () => words.taken,
            onDone: ({ id }) => navigate({ to: '/pictures/$id/measure', params: { id } }),
        },
    )
    return (
        <Box display="flex" flexDirection="column" gap="10px">
            {url !== null && (
                <Button disabled={take.isSaving} onClick={() => take.save(undefined)}>
                    {words.take}
                </Button>
            )}
            {take.error !== undefined && (
                <chakra.p role="alert" color="over" fontWeight={600}>
                    {take.error}
                </chakra.p>
            )}
            <details>
                <summary>{words.title}</summary>
                <Box paddingTop="10px">
                    <FieldForm
                        form={form}
                        entry={change}
                        act={words.save}
                        onSave={(typed) =>
                            change.save({ url: typed.url.trim() === '' ? null : typed.url.trim() })
                        }
                    >
                        <Text name="url" label={words.url} help={words.help} inputMode="text" />
                    </FieldForm>
                </Box>
            </details>
        </Box>
    )
}
