<script setup lang="ts">
import { computed } from 'vue'
import CountRow from '../../components/CountRow.vue'
import type { EveningInput } from '../../api/types'
import { t } from '../../messages/say'
import { clock } from '../../messages/time'
import { useBench } from '../../stores/bench'
import { useEvenings } from '../../stores/evenings'

/** How many courses there are, and when each is served after the first. */
const evenings = useEvenings()
const bench = useBench()
const STEP_MIN = 5

const evening = computed(() => evenings.view!.evening)
const courses = computed(() => (evening.value.coursesMin?.length ? evening.value.coursesMin : [0]))
const limits = computed(() => bench.catalogue?.evening)

/** What belonged to a course that is gone is served with the last. */
function among<T extends { course?: number }>(dishes: T[], count: number): T[] {
  return dishes.map((d) => ((d.course ?? 0) < count ? d : { ...d, course: count - 1 }))
}
function change(minutes: number[]) {
  const part: Partial<EveningInput> = {
    coursesMin: minutes,
    fish: among(evening.value.fish, minutes.length),
    sides: among(evening.value.sides, minutes.length),
  }
  void evenings.change(part)
}
const last = computed(() => courses.value.at(-1)!)
const full = computed(
  () =>
    !limits.value ||
    courses.value.length >= limits.value.mostCourses ||
    last.value + limits.value.betweenCoursesMin > limits.value.longestMin,
)
function count(by: -1 | 1) {
  if (by < 0) change(courses.value.slice(0, -1))
  else if (limits.value)
    change([...courses.value, Math.min(last.value + limits.value.usualBetweenMin, limits.value.longestMin)])
}
/** How far one may move without coming too near to another. */
const least = (i: number) => courses.value[i - 1]! + (limits.value?.betweenCoursesMin ?? 0)
const most = (i: number) =>
  i + 1 < courses.value.length
    ? courses.value[i + 1]! - (limits.value?.betweenCoursesMin ?? 0)
    : (limits.value?.longestMin ?? last.value)
const move = (i: number, by: -1 | 1) => change(courses.value.map((m, k) => (k === i ? m + by * STEP_MIN : m)))
</script>

<template>
  <CountRow
    :label="t('ui.sheet.courses')"
    :value="courses.length"
    :less="t('ui.sheet.course-less')"
    :more="t('ui.sheet.course-more')"
    :least="courses.length === 1"
    :most="full"
    @step="count"
  />
  <CountRow
    v-for="i in courses.length - 1"
    :key="i"
    :label="t('ui.sheet.course-n', { n: i + 1 })"
    :value="clock(evenings.moment(courses[i]!))"
    :less="t('ui.sheet.course-sooner', { n: i + 1 })"
    :more="t('ui.sheet.course-later', { n: i + 1 })"
    :least="courses[i]! - STEP_MIN < least(i)"
    :most="courses[i]! + STEP_MIN > most(i)"
    @step="(by) => move(i, by)"
  />
</template>
