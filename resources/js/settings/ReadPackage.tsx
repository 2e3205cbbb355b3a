import { Box, Button, Field, Input } from '@chakra-ui/react'
import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { changedBy } from '../api/keys'
import { send } from '../api/send'
import type { Problem, Task } from '../api/types'
import { messages } from '../messages'
import { settingsWords } from '../messages/settings'
import { TaskBar } from './TaskBar'

const words = settingsWords.files

/** A package into an empty place. */
export function ReadPackage({ task }: { task: Task | null }) {
    const client = useQueryClient()
    const [file, setFile] = useState<File>()
    const [problem, setProblem] = useState<string>()
    const read = async (): Promise<void> => {
        const form = new FormData()
        if (file !== undefined) {
            form.append('package', file)
        }
        const answer = await send(
            new Request('/api/v1/packages/reading', {
                method: 'POST',
                body: form,
                credentials: 'same-origin',
                headers: { Accept: 'application/json' },
            }),
        ).catch(() => undefined)
        const told = (await answer?.json().catch(() => undefined)) as Problem | undefined
        setProblem(answer?.ok === true ? undefined : (told?.message ?? messages.frame.unreachable))
        await client.invalidateQueries(changedBy('/api/v1/packages'))
    }
    return (
        <Box width="100%" display="flex" flexDirection="column" gap="10px" paddingTop="12px">
            <Field.Root invalid={problem !== undefined}>
                <Field.Label>{words.read}</Field.Label>
                <Input
                    type="file"
                    accept=".zip,application/zip"
                    paddingBlock="8px"
                    onChange={(event) => setFile(event.target.files?.[0])}
                />
                <Field.HelperText>{words.readHelp}</Field.HelperText>
                <Field.ErrorText role="alert">{problem}</Field.ErrorText>
            </Field.Root>
            <Button onClick={() => void read()}>{words.readAct}</Button>
            <TaskBar task={task} />
        </Box>
    )
}
