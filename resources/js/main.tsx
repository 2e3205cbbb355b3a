import '@fontsource-variable/atkinson-hyperlegible-next/wght.css'
import '@fontsource-variable/atkinson-hyperlegible-mono/wght.css'
import { ChakraProvider } from '@chakra-ui/react'
import createCache from '@emotion/cache'
import { CacheProvider } from '@emotion/react'
import type { QueryPersister } from '@tanstack/react-query'
import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { Refused, Unreachable } from './api/refused'
import { connection, keptAges } from './api/connection'
import { App } from './App'
import { answersGiven } from './api/answersGiven'
import { router } from './router'
import { system } from './theme/system'

// The browser hides the attribute from scripts; the property still has it.
const nonce = document.querySelector<HTMLMetaElement>('meta[name=csp-nonce]')?.nonce ?? ''
const styles = createCache({ key: 'c', nonce })

/** What nobody answers is answered from what this device has kept. */
const answeredOrKept: QueryPersister = async (ask, context, { queryHash }) => {
    try {
        const answer = await ask(context)
        keptAges.delete(queryHash)
        return answer
    } catch (error) {
        const kept = error instanceof Unreachable ? await keptAnswer(queryHash) : undefined
        if (kept === undefined) {
            throw error
        }
        keptAges.set(queryHash, kept.at)
        return kept.data
    }
}

/** Nothing where the browser keeps nothing, or the script for it has not come. */
const keptAnswer = (question: string) =>
    import('./offline/answers').then((answers) => answers.keptAnswer(question)).catch(() => undefined)

const client = new QueryClient({
    defaultOptions: {
        queries: {
            staleTime: 30_000,
            retry: (count, error) => !(error instanceof Refused) && count < 2,
            // Whether there is a network is found by asking: a browser that says there is none may be wrong.
            networkMode: 'always',
            persister: answeredOrKept,
        },
        mutations: { networkMode: 'always' },
    },
})

const given = answersGiven()
for (const [question, answer] of given) {
    client.setQueryData([question], answer)
}
if (given.length === 0) {
    // The page of nobody: it was opened because nobody answered.
    connection.found(true)
}

/** What is printed in the page stands until all that is drawn in its place is there. */
async function whileItIsRead(): Promise<void> {
    if (document.querySelector('.first-print') !== null) {
        router.update({ context: { client } })
        // What goes wrong is said by the page itself.
        await router.load().catch(() => undefined)
    }
}

function draw(root: HTMLElement): void {
    createRoot(root).render(
        <StrictMode>
            <CacheProvider value={styles}>
                <ChakraProvider value={system}>
                    <QueryClientProvider client={client}>
                        <App />
                    </QueryClientProvider>
                </ChakraProvider>
            </CacheProvider>
        </StrictMode>,
    )
}

const root = document.getElementById('root')
if (root !== null) {
    void whileItIsRead().then(() => draw(root))
}
