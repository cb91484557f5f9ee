<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { ref } from 'vue'
import { answered, api } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import type { GivenLink, Person } from '@/shared/api/types'
import { useSession } from '@/shared/session'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import { roleWords } from '@/shared/words'
import LinkDialog from './LinkDialog.vue'
import PersonForm from './PersonForm.vue'
import PersonRow from './PersonRow.vue'
import ShopNav from './ShopNav.vue'
import TrailList from './TrailList.vue'

/** Who works here: accounts, roles, and who is locked out. A password is set by its owner, by a link. */
const { mayManage, people: colleagues } = useSession()
const { data, error, isPending } = useQuery({
  queryKey: keys.people,
  queryFn: () => answered(api.GET('/api/people')),
  staleTime: 0,
  enabled: mayManage,
})
const open = ref<Person | 'new' | null>(null)
const link = ref<GivenLink | null>(null)
</script>

<template>
  <div class="stack">
    <ShopNav />
    <div class="row spread">
      <h1>People</h1>
      <el-button v-if="mayManage" type="primary" @click="open = 'new'">Another person</el-button>
    </div>
    <template v-if="!mayManage">
      <p class="muted">The service manager keeps the accounts.</p>
      <ul class="panel plain-list">
        <li v-for="each in colleagues" :key="each.username">{{ each.name }}, {{ roleWords[each.role] }}</li>
      </ul>
    </template>
    <el-skeleton v-else-if="isPending" :rows="5" />
    <ProblemNote v-else-if="error && !data" :error="error" />
    <template v-else-if="data">
      <div class="panel">
        <table class="plain">
          <thead>
            <tr>
              <th>Name</th>
              <th>User name</th>
              <th>Role</th>
              <th>E-mail</th>
              <th>Signs in</th>
              <th></th>
            </tr>
          </thead>
          <tbody>
            <PersonRow
              v-for="person in data.people"
              :key="person.username"
              :person="person"
              @change="open = person"
              @linked="(given) => (link = given)"
            />
          </tbody>
        </table>
      </div>
      <TrailList />
    </template>
    <PersonForm
      v-if="open"
      :person="open === 'new' ? null : open"
      @close="open = null"
      @linked="(given) => (link = given)"
    />
    <LinkDialog v-if="link" :given="link" @close="link = null" />
  </div>
</template>

<style scoped>
.plain-list {
  list-style: none;
  margin: 0;
}
</style>
