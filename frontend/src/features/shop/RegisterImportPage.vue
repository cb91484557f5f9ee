<script setup lang="ts">
import ShopNav from './ShopNav.vue'
import TableImport from './TableImport.vue'
import { useSession } from '@/shared/session'

/** What a shop has in tables already: its boats, and what was last done on them. */
const { mayWrite } = useSession()
</script>

<template>
  <div class="stack">
    <ShopNav />
    <h1>Boats from a file</h1>
    <p class="muted">
      A table in CSV, saved as UTF-8. First you see what it would give; then all of it is taken in, or nothing. What is
      known already stays as it is, so a file can be taken again.
    </p>
    <p v-if="!mayWrite" class="panel">Service writers and the service manager take them in.</p>
    <div v-else class="two">
      <TableImport
        to="/api/register/imports"
        template="boats"
        title="Owners, boats and engines"
        words="A row for each engine. A boat with two engines has two rows. The models have to be in the book."
        columns="owner, boat, kind, water (salt, brackish, fresh), kept (moored, trailered), position (empty for a single engine), model, serial, in_service (2025-06-01)"
        optional="email, phone, registration, commercial (yes, no), months (3-10), hours, hours_on, year, gearcase, warranty_until"
      />
      <TableImport
        to="/api/services/imports"
        template="services"
        title="What was last done"
        words="A row for each task of an engine. Without it a task stands as “no record”."
        columns="serial, task (Engine oil), date (2025-09-12), evidence (invoice 2231)"
        optional="hours"
      />
    </div>
    <p class="muted small">
      Other tables: <RouterLink to="/parts/catalogue">parts and stock</RouterLink> (<a href="/api/templates/parts.csv"
        >its headings</a
      >), <RouterLink to="/hours">readings of hours</RouterLink> (<a href="/api/templates/hours.csv">its headings</a>),
      <RouterLink to="/book/files">models, sheets and procedures</RouterLink> (a zip of the book).
    </p>
  </div>
</template>
