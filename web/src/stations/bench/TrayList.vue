<script setup lang="ts">
import { t } from '../../messages/say'
import { minutesInWords } from '../../messages/time'
import { useUnits } from '../../messages/units'
import { useTray } from '../../stores/tray'

/** What shares the tray, in the order it comes out. */
const tray = useTray()
const units = useUnits()

/** What tells two like dishes apart. */
function size(index: number): string {
  const piece = tray.dishes[index]?.question.piece
  if (!piece) return ''
  return piece.thicknessMm === undefined
    ? units.amount('mass', piece.massG ?? 0)
    : units.amount('length', piece.thicknessMm)
}
</script>

<template>
  <section v-if="tray.aside.length" class="tray" :aria-label="t('ui.tray-list.on-this-tray')">
    <h2>{{ t('ui.tray-list.on-this-tray-first-out') }}</h2>
    <p v-if="tray.problem" class="wrong" role="alert">{{ tray.problem.message }}</p>
    <ol>
      <li v-for="turn in tray.turns" :key="turn.index">
        <b>{{ t('ui.min', { n: minutesInWords(turn.likelyMin) }) }}</b>
        <span
          >{{ tray.dishes[turn.index]?.title }} <small>{{ size(turn.index) }}</small></span
        >
        <em v-if="turn.index === tray.aside.length">{{ t('ui.tray-list.this-one') }}</em>
        <template v-else>
          <button class="quiet-action" @click="tray.swap(turn.index)">
            {{ t('ui.tray-list.to-the-bench') }}
          </button>
          <button
            class="quiet-action"
            :aria-label="t('ui.tray-list.take-off', { title: tray.dishes[turn.index]?.title })"
            @click="tray.remove(turn.index)"
          >
            {{ t('ui.tray-list.off') }}
          </button>
        </template>
      </li>
    </ol>
  </section>
</template>

<style scoped>
.tray {
  padding-top: 6px;
  border-top: 1px solid var(--rule);
}
h2 {
  margin: 0;
  font-size: 14px;
  font-weight: 400;
  color: var(--ink-soft);
}
ol {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  align-items: center;
  gap: 10px;
  min-height: 44px;
  border-bottom: 1px solid var(--rule);
}
li b {
  min-width: 76px;
  font-family: var(--figures);
}
li span {
  flex: 1;
}
.wrong {
  color: var(--danger);
}
</style>
