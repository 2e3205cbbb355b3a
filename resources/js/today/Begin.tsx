import { Box, Button } from '@chakra-ui/react'
import { Link } from '@tanstack/react-router'
import { useWrite } from '../entry/useWrite'
import { messages } from '../messages'

/** Nothing is here yet: the next step, or the demo to look around in. */
export function Begin() {
    const load = useWrite('POST', '/api/v1/demo', {}, { notice: () => messages.today.demoLoaded })
    return (
        <Box
            display="flex"
            flexWrap="wrap"
            alignItems="center"
            gap="14px"
            padding={{ base: '12px 2px', md: '12px 10px' }}
        >
            <Button asChild variant="solid" textDecoration="none">
                <Link to="/systems/new">{messages.today.addSystem}</Link>
            </Button>
            <Button disabled={load.isSaving} onClick={() => load.save(undefined)}>
                {load.isSaving ? messages.today.demoLoading : messages.today.loadDemo}
            </Button>
            {load.error !== undefined && <p role="alert">{load.error}</p>}
        </Box>
    )
}
