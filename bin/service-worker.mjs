// What opens the application without a network: public/sw.js, made after a build. It keeps the page itself, its
// scripts, styles and letters; what the place has answered is kept by the pages (resources/js/offline), since only
// they know what may be left on a device.
import { createHash } from 'node:crypto'
import { readFileSync } from 'node:fs'
import { generateSW } from 'workbox-build'

const HALF_A_MEGABYTE = 524_288

const { count, size, warnings } = await generateSW({
    swDest: 'public/sw.js',
    globDirectory: 'public',
    globPatterns: ['build/assets/*.{js,css}', 'build/assets/*-next-latin-wght-*.woff2', 'icon.svg'],
    // Places at the desk come when they are opened, and stay then.
    globIgnores: [
        '**/{PlanPage,RulebookPage,SettingsPage,SettingsSheet,ImportPage,WeighUpPage,FirstRun,MeasurePage}-*.js',
        '**/{InvitationDoor,PasswordDoor,Forgotten,AddFishPage,SystemEditPage}-*.js',
    ],
    // Their names change with what is in them.
    dontCacheBustURLsMatching: /\/assets\//,
    maximumFileSizeToCacheInBytes: HALF_A_MEGABYTE,
    // The page of nobody: what is printed into the others is of whoever is signed in.
    additionalManifestEntries: [{ url: '/shell', revision: revisionOfThePage() }],
    runtimeCaching: [
        {
            // Every address is one page. As it is now, where somebody answers soon.
            urlPattern: ({ request, url }) =>
                request.mode === 'navigate' && !/^\/(api|calendar|build|sanctum|up)(\/|$)/.test(url.pathname),
            handler: 'NetworkOnly',
            options: { precacheFallback: { fallbackURL: '/shell' }, plugins: [impatience()] },
        },
        {
            urlPattern: ({ url }) => url.pathname.startsWith('/build/assets/'),
            handler: 'CacheFirst',
            options: { cacheName: 'opened', expiration: { maxEntries: 80 } },
        },
    ],
    cleanupOutdatedCaches: true,
    inlineWorkboxRuntime: true,
    sourcemap: false,
})

warnings.forEach((warning) => console.log(warning))
console.log(`public/sw.js keeps ${count} files, ${Math.round(size / 1000)} kB`)

/** The page names the scripts of its build, and changes with them and with its own text. */
function revisionOfThePage() {
    const hash = createHash('sha256')
    for (const file of ['public/build/manifest.json', 'resources/views/app.blade.php']) {
        hash.update(readFileSync(file))
    }
    return hash.digest('hex').slice(0, 16)
}

/**
 * A network that is dead without saying so is waited for as long as this; a page that has begun to come may take its
 * time. Workbox writes these functions on one line each, so they need their semicolons.
 */
function impatience() {
    // prettier-ignore
    return {
        requestWillFetch: ({ request, state }) => {
            const waiting = new AbortController();
            state.patience = setTimeout(() => waiting.abort(), 5_000);
            return new Request(request, { signal: waiting.signal });
        },
        fetchDidSucceed: ({ response, state }) => {
            clearTimeout(state.patience);
            return response;
        },
    }
}
