/**
 * Asks one question at a time: what has changed while an answer was on its way is asked when that answer is there, and
 * everything between is left out.
 */
export function latest(ask: () => Promise<void>): () => Promise<void> {
  let asking = false
  let again = false
  return async function run(): Promise<void> {
    if (asking) {
      again = true
      return
    }
    asking = true
    try {
      await ask()
    } finally {
      asking = false
      if (again) {
        again = false
        void run()
      }
    }
  }
}
