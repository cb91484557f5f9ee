<script setup lang="ts">
defineProps<{ name: string; working: boolean }>()
const emit = defineEmits<{ press: [] }>()
</script>

<template>
  <button
    type="button"
    class="mini"
    :disabled="working"
    :aria-label="working ? undefined : `Bring it back: ${name}`"
    @click="emit('press')"
  >
    {{ working ? 'Bringing back …' : 'Bring it back' }}
  </button>
</template>
