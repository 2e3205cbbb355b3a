// Debian's headless Chromium. The shell is the same browser without what only a window needs, and starts and draws
// sooner; where the whole browser is there already it does as well.
import { existsSync } from 'node:fs'

export const BROWSER = ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium'].find(existsSync)
