<script setup lang="ts">
import { ref } from 'vue'
import { answered, api, Told } from '@/shared/api/client'
import { usePress } from '@/shared/api/usePress'
import { useSession } from '@/shared/session'
import ProblemNote from '@/shared/ui/ProblemNote.vue'

/** The picture at the head of service records. */
const mostBytes = 5_000_000
const { mayManage } = useSession()
/** Asked for anew after each change. */
const shown = ref(Date.now())
const isThere = ref(true)
function changed(): void {
  shown.value = Date.now()
  isThere.value = true
}
const keep = usePress({
  mutationFn: async (file: File) => {
    if (file.size > mostBytes) {
      throw new Told('This picture is larger than 5 MB, and was not sent. Save it smaller: it is printed 5 cm wide.')
    }
    return answered(
      api.POST('/api/logo', {
        body: file as never,
        bodySerializer: (body: unknown) => body as BodyInit,
        headers: { 'Content-Type': 'application/octet-stream' },
      }),
    )
  },
  onSuccess: changed,
})
const remove = usePress({ mutationFn: () => answered(api.DELETE('/api/logo')), onSuccess: changed })

function choose(event: Event): void {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (file) {
    keep.mutate(file)
  }
}
</script>

<template>
  <section class="panel stack" aria-label="Logo">
    <h2>Logo</h2>
    <p class="muted small">
      Stands at the head of the owner’s service record, five centimetres wide, in black and white.
    </p>
    <img v-if="isThere" :src="`/api/logo?${shown}`" alt="The logo" class="logo" @error="isThere = false" />
    <p v-else>There is none.</p>
    <div v-if="mayManage" class="row">
      <input
        type="file"
        accept="image/png,image/jpeg,image/gif,image/webp"
        aria-label="Picture of the logo"
        :disabled="keep.isPending.value"
        @change="choose"
      />
      <button v-if="isThere" type="button" class="mini" :disabled="remove.isPending.value" @click="remove.mutate()">
        Have none
      </button>
      <span v-if="keep.isSuccess.value" role="status">Kept.</span>
    </div>
    <ProblemNote :error="keep.error.value ?? remove.error.value" />
  </section>
</template>

<style scoped>
.logo {
  max-width: 300px;
  max-height: 100px;
  align-self: start;
}
</style>
