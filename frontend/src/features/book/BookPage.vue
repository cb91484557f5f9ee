<script setup lang="ts">
import { ref } from 'vue'
import { useSession } from '@/shared/session'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import BookNav from './BookNav.vue'
import BookQueue from './BookQueue.vue'
import SheetList from './SheetList.vue'
import { useBook } from './useBook'

const text = ref('')
const { book, error, isPending } = useBook(() => text.value.trim())
const { mayManage } = useSession()
</script>

<template>
  <div class="stack">
    <div class="row spread">
      <h1>Spec book</h1>
      <RouterLink v-if="mayManage" to="/book/new" class="new">Start a new sheet</RouterLink>
    </div>
    <BookNav />
    <el-skeleton v-if="isPending" :rows="6" />
    <ProblemNote v-else-if="error && !book" :error="error" />
    <template v-else-if="book">
      <BookQueue :book="book" />
      <SheetList v-model="text" :sheets="book.sheets" />
    </template>
  </div>
</template>

<style scoped>
.new {
  font-weight: 600;
}
</style>
