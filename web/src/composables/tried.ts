import { ref } from 'vue'
import { Problem } from '../api/client'

/** Runs what may be refused; what was refused is said in words, a sentence for each field, and nothing that was typed is lost. */
export function useTried() {
  const problem = ref('')

  async function tried(what: () => Promise<void>) {
    problem.value = ''
    try {
      await what()
    } catch (failure) {
      if (!(failure instanceof Problem)) throw failure
      problem.value = failure.errors.map((e) => e.message).join(' ') || failure.message
    }
  }

  return { problem, tried }
}
