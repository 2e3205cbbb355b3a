// How much script the first page loads, compressed: bin/weight.mjs, after a build.
// Follows the imports of the entry and of Today through the manifest of the build.
import { readFileSync } from 'node:fs'
import { gzipSync } from 'node:zlib'

const manifest = JSON.parse(readFileSync('public/build/manifest.json', 'utf8'))
const loaded = new Set()
const load = (name) => {
    if (!loaded.has(name)) {
        loaded.add(name)
        manifest[name].imports?.forEach(load)
    }
}
load('resources/js/main.tsx')
load('resources/js/today/TodayPage.tsx')
let sum = 0
for (const name of loaded) {
    const bytes = gzipSync(readFileSync(`public/build/${manifest[name].file}`), { level: 9 }).length
    sum += bytes
    console.log(`${(bytes / 1000).toFixed(1).padStart(8)} kB  ${manifest[name].file}`)
}
console.log(`${(sum / 1000).toFixed(1).padStart(8)} kB  in all, compressed`)

const MOST_KB = 200

if (sum > MOST_KB * 1000) {
    console.log(`The first page may load ${MOST_KB} kB: open later what it does not show at once.`)
    process.exitCode = 1
}
