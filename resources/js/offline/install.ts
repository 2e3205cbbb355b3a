/** Lets the browser open the application without a network. Browsers do so over TLS and on the machine itself only. */
export function install(): void {
    if ('serviceWorker' in navigator) {
        // Without it all works as before, while there is a network.
        navigator.serviceWorker.register('/sw.js').catch(() => undefined)
    }
}
