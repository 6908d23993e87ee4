<script setup lang="ts">
import { computed } from 'vue'
import ChoiceField from '../../components/ChoiceField.vue'
import { t } from '../../messages/say'
import { clock } from '../../messages/time'
import { useEvenings } from '../../stores/evenings'

/** With which course something is served; nothing where there is one. */
defineProps<{ course: number }>()
defineEmits<{ choose: [course: number] }>()
const evenings = useEvenings()
const choices = computed(() =>
  (evenings.view!.evening.coursesMin ?? [0]).map((minute, i) => ({
    value: String(i),
    words: t('ui.sheet.course-at', { n: i + 1, at: clock(evenings.moment(minute)) }),
  })),
)
</script>

<template>
  <ChoiceField
    v-if="choices.length > 1"
    :label="t('ui.sheet.course')"
    :choices="choices"
    :chosen="String(course)"
    @choose="(value: string) => $emit('choose', Number(value))"
  />
</template>
