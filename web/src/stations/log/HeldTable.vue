<script setup lang="ts">
import type { Held } from '../../api/types'
import { t } from '../../messages/say'
import { minutesInWords } from '../../messages/time'

/** How far the tickets of some kinds held, one kind a line. */
defineProps<{ caption: string; rows: { name: string; held: Held }[] }>()

const NOTICED_MIN = 0.25

const mean = ({ meanMin }: Held) => {
  if (meanMin === undefined) return '–'
  return Math.abs(meanMin) < NOTICED_MIN
    ? t('ui.taught.as-likely')
    : t('ui.taught.mean-min', { min: minutesInWords(Math.abs(meanMin)), later: meanMin > 0 })
}
const inside = ({ share }: Held) =>
  share ? t('ui.taught.inside-of', { inside: Math.round(share.share * share.of), judged: share.of }) : '–'
</script>

<template>
  <table>
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
        <td>{{ mean(row.held) }}</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
table {
  width: 100%;
  border-collapse: collapse;
}
th,
td {
  padding: 5px 10px 5px 0;
  border-top: 1px solid var(--rule);
  text-align: left;
}
thead th {
  border: 0;
  color: var(--ink-soft);
  font-size: 14px;
  font-weight: 400;
}
tbody th {
  font-weight: 700;
}
</style>
