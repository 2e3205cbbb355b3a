// Debian's headless Chromium. The shell is the same browser without what only a window needs, and starts and draws
// sooner; where the whole browser is there already it does as well.
import { existsSync } from 'node:fs'

/** How it is started, wherever it is: it asks nobody for anything, and draws alike on every machine. */
export const BROWSER = {
    executablePath: ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium'].find(existsSync),
    args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--disable-dev-shm-usage',
        '--font-render-hinting=none',
    ],
}
