import react from '@vitejs/plugin-react'
import laravel from 'laravel-vite-plugin'
import { defineConfig } from 'vite'

/**
 * What most pages need comes in one piece, and the small parts that many need in another: left to itself the bundler
 * makes a file of whatever the same pages share, a hundred for one page. More together would be fewer still, but
 * heavier for the first page than `npm run weight` allows.
 */
const codeSplitting = {
    groups: [
        { name: 'common', minShareCount: 42 },
        { name: 'often', test: /resources[\\/]js/, minShareCount: 8, maxModuleSize: 1500 },
    ],
}

export default defineConfig({
    plugins: [laravel({ input: 'resources/js/main.tsx', refresh: false }), react()],
    build: {
        reportCompressedSize: true,
        chunkSizeWarningLimit: 900,
        rolldownOptions: { output: { codeSplitting } },
    },
})
