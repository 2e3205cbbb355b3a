import react from '@vitejs/plugin-react'
import laravel from 'laravel-vite-plugin'
import { defineConfig } from 'vite'

export default defineConfig({
    plugins: [laravel({ input: 'resources/js/main.tsx', refresh: false }), react()],
    build: { reportCompressedSize: true, chunkSizeWarningLimit: 900 },
})
