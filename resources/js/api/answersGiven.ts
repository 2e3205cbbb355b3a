/** What the page brought along of the answers of the API, by the name of the question; it is as fresh as the page. */
export function answersGiven(): [question: string, answer: unknown][] {
    const text = document.getElementById('answers')?.textContent ?? ''
    try {
        return Object.entries(JSON.parse(text) as object)
    } catch {
        // Then they are asked for.
        return []
    }
}
