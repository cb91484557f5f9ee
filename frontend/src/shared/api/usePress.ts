import { useMutation, type UseMutationOptions } from '@tanstack/vue-query'

/**
 * What a press asks the server to change. The same press while one is under way is that one: it is not sent again, and
 * has the same answer. Another one is sent after it.
 */
export function usePress<Answer, Asked = void>(options: UseMutationOptions<Answer, Error, Asked>) {
  const mutation = useMutation(options)
  let under: { asked: string; answer: Promise<Answer> } | null = null
  function mutateAsync(...args: Parameters<typeof mutation.mutateAsync>): Promise<Answer> {
    const text = JSON.stringify([args[0]])
    if (under?.asked === text) {
      return under.answer
    }
    const before = under?.answer.catch(() => null) ?? Promise.resolve()
    const answer = before.then(() => mutation.mutateAsync(...args))
    const mine = { asked: text, answer }
    const over = (): void => {
      under = under === mine ? null : under
    }
    under = mine
    answer.then(over, over)
    return answer
  }
  function mutate(...args: Parameters<typeof mutation.mutateAsync>): void {
    mutateAsync(...args).catch(() => null)
  }
  return { ...mutation, mutate, mutateAsync }
}
