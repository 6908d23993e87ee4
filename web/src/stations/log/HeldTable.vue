<script setup lang="ts">
import type { Held } from '../../api/types'
import { t } from '../../messages/say'

/** How far the tickets of some kinds held, one kind a line. */
defineProps<{ caption: string; rows: { name: string; held: Held }[] }>()

const inside = ({ share }: Held) =>
  share ? t('ui.taught.inside-of', { inside: Math.round(share.share * share.of), judged: share.of }) : '–'
</script>

<template>
  <table class="lines">
    <thead>
      <tr>
        <th scope="col">{{ caption }}</th>
        <th scope="col">{{ t('ui.taught.bakes') }}</th>
        <th scope="col">{{ t('ui.taught.inside') }}</th>
        <th scope="col">{{ t('ui.taught.mean') }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="row in rows" :key="row.name">
        <th scope="row">{{ row.name }}</th>
        <td>{{ row.held.bakes }}</td>
        <td>{{ inside(row.held) }}</td>
        <td>{{ row.held.mean || '–' }}</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
tbody th {
  font-weight: 700;
}
</style>
