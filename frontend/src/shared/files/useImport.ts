import { onScopeDispose, ref, shallowRef } from 'vue'
import { answered, api, Problem } from '@/shared/api/client'
import { uuid7 } from '@/shared/uuid'

const mostBytes = 20_000_000
const tooLarge = {
  type: 'urn:fresh-tack:upload.too_large',
  title: 'Too large',
  status: 413,
  detail: 'This file is larger than 20 MB. It was not sent: split it, or take only what is needed.',
}

/**
 * Takes a file in two steps: what it would change, then all of it. While it is taken in, `progress` says how far it is.
 * `send` posts the bytes and gives what the server says.
 */
export function useImport<T>(send: (file: File, apply: boolean, token: string) => Promise<T>) {
  const file = shallowRef<File | null>(null)
  const preview = shallowRef<T | null>(null)
  const done = shallowRef<T | null>(null)
  const error = shallowRef<unknown>(null)
  const busy = ref(false)
  const progress = ref<{ done: number; of: number } | null>(null)
  let timer = 0

  async function step(apply: boolean): Promise<T | null> {
    if ((file.value?.size ?? 0) > mostBytes) {
      error.value = new Problem(tooLarge, 'upload.too_large')
      return null
    }
    const token = uuid7(Date.now())
    busy.value = true
    error.value = null
    progress.value = null
    if (apply) {
      timer = window.setInterval(() => void ask(token), 400)
    }
    try {
      return file.value === null ? null : await send(file.value, apply, token)
    } catch (caught) {
      error.value = caught
      return null
    } finally {
      window.clearInterval(timer)
      busy.value = false
    }
  }
  async function ask(token: string): Promise<void> {
    const told = await answered(api.GET('/api/progress/{token}', { params: { path: { token } } })).catch(() => null)
    progress.value = told?.progress ?? progress.value
  }
  async function choose(chosen: File | null): Promise<void> {
    file.value = chosen
    preview.value = done.value = null
    preview.value = chosen === null ? null : await step(false)
  }
  async function apply(): Promise<void> {
    done.value = await step(true)
    if (done.value !== null) {
      preview.value = null
    }
  }
  onScopeDispose(() => {
    window.clearInterval(timer)
  })
  return { file, preview, done, error, busy, progress, choose, apply }
}
