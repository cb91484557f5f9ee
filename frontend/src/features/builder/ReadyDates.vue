<script setup lang="ts">
import { computed } from 'vue'
import type { Plan } from '@/shared/api/types'
import WhyButton from '@/shared/ui/WhyButton.vue'
import { readyText } from '@/shared/units'

/** When the boat is ready; a second time if it may take a part that is only perhaps needed and is short. */
const props = defineProps<{ plan: Plan }>()

const ready = computed(() => (props.plan.readyBy ? readyText(props.plan.readyBy) : null))
const needed = computed(() => {
  const perhaps = props.plan.readyIfNeeded
  return (
    perhaps && {
      parts: perhaps.parts.join(', '),
      verb: perhaps.parts.length === 1 ? 'is' : 'are',
      at: perhaps.at ? readyText(perhaps.at) : 'not known',
      why: perhaps.why.join(' '),
    }
  )
})
</script>

<template>
  <dl class="ready">
    <dt>ready by <WhyButton about="Ready by" :text="plan.readyWhy.join(' ')" /></dt>
    <dd class="weighty">{{ ready ?? 'not known' }}</dd>
    <template v-if="needed">
      <dt>
        if {{ needed.parts }} {{ needed.verb }} needed
        <WhyButton
          :about="`Ready by, if ${needed.parts} ${needed.verb} needed`"
          :text="`Laid out in case the work shows that it is needed, and short. ${needed.why}`"
        />
      </dt>
      <dd>{{ needed.at }}</dd>
    </template>
  </dl>
  <p v-if="!ready" class="small trap">{{ plan.readyWhy[0] }}</p>
</template>

<style scoped>
.weighty {
  font-size: 17px;
}
</style>
