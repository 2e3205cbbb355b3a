import { Box, Button, chakra } from '@chakra-ui/react'
import type { Task } from '../api/types'
import { useWrite } from '../entry/useWrite'
import { settingsWords } from '../messages/settings'
import { isUnderWay } from './queries'

const words = settingsWords.task

/** How far something is that takes long, with a way to stop it; why it failed. */
export function TaskBar({ task }: { task: Task | null }) {
    const stop = useWrite(
        'POST',
        '/api/v1/tasks/{task}/stop',
        { task: task?.id ?? 0 },
        { notice: () => words.stopping },
    )
    if (task === null || task.state === 'done') {
        return null
    }
    if (!isUnderWay(task)) {
        return (
            <chakra.p role={task.state === 'failed' ? 'alert' : undefined} color="over" fontWeight={600}>
                {task.state === 'failed' ? task.problem : words.stopped}
            </chakra.p>
        )
    }
    return (
        <Box display="flex" flexWrap="wrap" alignItems="center" gap="12px" aria-live="polite">
            <chakra.progress
                value={task.share}
                max={1}
                flex="1 1 160px"
                height="18px"
                accentColor="accent"
                aria-label={words.working({ share: task.share })}
            />
            <span>{task.state === 'waiting' ? words.waiting : words.working({ share: task.share })}</span>
            <Button variant="plain" disabled={stop.isSaving} onClick={() => stop.save(undefined)}>
                {words.stop}
            </Button>
        </Box>
    )
}
