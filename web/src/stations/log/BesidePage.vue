<script setup lang="ts">
import { computed } from 'vue'
import { t } from '../../messages/say'
import { clock, day } from '../../messages/time'
import { useFacts } from './bakeFacts'
import LogBelow from './LogBelow.vue'
import BakeBarOfLog from './BakeBarOfLog.vue'
import { useAgain, useLogged } from './logged'
import type { LoggedBake } from '../../api/types'

/** Two bakes of the log beside each other: what differs stands out. */
const props = defineProps<{ id: string; other: string }>()

const first = useLogged(() => props.id)
const second = useLogged(() => props.other)
const { again } = useAgain()
const trouble = computed(() => first.trouble.value ?? second.trouble.value)
const both = computed(() =>
  first.bake.value && second.bake.value ? [first.bake.value, second.bake.value] : null,
)
const facts = [first, second].map(({ bake }) => useFacts(() => bake.value!.line))
const rows = computed(() => {
  if (!both.value) return []
  const [one, two] = facts.map(
    ({ wentIn, cameOut }) => new Map([...wentIn.value, ...cameOut.value].map((f) => [f.name, f.words])),
  )
  return [...new Set([...one!.keys(), ...two!.keys()])].map((name) => ({
    name,
    one: one!.get(name) ?? '–',
    two: two!.get(name) ?? '–',
  }))
})
const longest = computed(() =>
  Math.max(10, ...(both.value ?? []).map(({ line }) => Math.max(line.noLaterThanMin, line.actualMin ?? 0))),
)
const when = ({ line }: LoggedBake) =>
  t('ui.log.when', { day: day(new Date(line.startedAt)), time: clock(new Date(line.startedAt)) })
</script>

<template>
  <LogBelow :trouble="trouble">
    <template v-if="both">
      <h1>{{ t('ui.log.two-bakes') }}</h1>
      <table>
        <thead>
          <tr>
            <td></td>
            <th v-for="one in both" :key="one.line.id" scope="col">
              <RouterLink :to="`/log/${one.line.id}`">{{ one.line.title }}</RouterLink>
              <span>{{ when(one) }}</span>
            </th>
          </tr>
        </thead>
        <tbody>
          <tr>
            <th scope="row">{{ t('ui.log.what-came-of-it') }}</th>
            <td v-for="one in both" :key="one.line.id">
              <BakeBarOfLog :bake="one.line" :longest="longest * 1.05" />
            </td>
          </tr>
          <tr v-for="row in rows" :key="row.name" :class="{ differs: row.one !== row.two }">
            <th scope="row">{{ row.name }}</th>
            <td>{{ row.one }}</td>
            <td>{{ row.two }}</td>
          </tr>
          <tr>
            <th scope="row">{{ t('ui.log.note') }}</th>
            <td v-for="one in both" :key="one.line.id">{{ one.line.note ?? '–' }}</td>
          </tr>
          <tr>
            <td></td>
            <td v-for="one in both" :key="one.line.id">
              <button class="quiet-action" @click="again(one.line)">{{ t('ui.log.again-tonight') }}</button>
            </td>
          </tr>
        </tbody>
      </table>
    </template>
  </LogBelow>
</template>

<style scoped>
table {
  width: 100%;
  border-collapse: collapse;
  table-layout: fixed;
}
th,
td {
  padding: 6px 10px 6px 0;
  border-top: 1px solid var(--rule);
  text-align: left;
  vertical-align: top;
}
thead th {
  font-size: 18px;
}
thead a {
  color: inherit;
}
thead span {
  display: block;
  color: var(--ink-soft);
  font-size: 15px;
  font-weight: 400;
}
tbody th,
thead td {
  width: 24%;
  color: var(--ink-soft);
  font-weight: 400;
}
.differs td {
  font-weight: 700;
}
.quiet-action {
  padding: 0;
}
</style>
