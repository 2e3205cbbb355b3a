import { Box, Button, chakra } from '@chakra-ui/react'
import { Link } from '@tanstack/react-router'
import { useWrite } from '../entry/useWrite'
import { messages } from '../messages'

const { steps } = messages.today

/** Nothing is here yet: the steps to the first plan, or the demo to look around in. */
export function Begin() {
    const load = useWrite('POST', '/api/v1/demo', {}, { notice: () => messages.today.demoLoaded })
    return (
        <Box maxWidth="640px" padding={{ base: '12px 2px', md: '12px 10px' }}>
            <chakra.ol borderTop="1.6px solid" borderColor="ink" marginBottom="16px">
                {[steps.home, steps.fish, steps.plan].map((step, i) => (
                    <chakra.li
                        key={step}
                        display="flex"
                        alignItems="center"
                        gap="14px"
                        minHeight="52px"
                        borderBottom="1px solid"
                        borderColor="rule"
                    >
                        <chakra.b fontSize="part" aria-hidden="true">
                            {i + 1}
                        </chakra.b>
                        {step}
                    </chakra.li>
                ))}
            </chakra.ol>
            <Button asChild variant="solid" textDecoration="none">
                <Link to="/systems/new">{messages.today.addSystem}</Link>
            </Button>
            <chakra.p color="ink2" padding="24px 0 8px">
                {messages.today.demoHelp}
            </chakra.p>
            <Button disabled={load.isSaving} onClick={() => load.save(undefined)}>
                {load.isSaving ? messages.today.demoLoading : messages.today.loadDemo}
            </Button>
            {load.error !== undefined && <p role="alert">{load.error}</p>}
        </Box>
    )
}
