import '@fontsource-variable/atkinson-hyperlegible-next/wght.css'
import '@fontsource-variable/atkinson-hyperlegible-mono/wght.css'
import { ChakraProvider } from '@chakra-ui/react'
import createCache from '@emotion/cache'
import { CacheProvider } from '@emotion/react'
import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { Refused } from './api/refused'
import { App } from './App'
import { system } from './theme/system'

// The browser hides the attribute from scripts; the property still has it.
const nonce = document.querySelector<HTMLMetaElement>('meta[name=csp-nonce]')?.nonce ?? ''
const styles = createCache({ key: 'c', nonce })

const client = new QueryClient({
    defaultOptions: {
        queries: { staleTime: 30_000, retry: (count, error) => !(error instanceof Refused) && count < 2 },
    },
})

const root = document.getElementById('root')
if (root !== null) {
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
