import { createRouter, createWebHistory } from 'vue-router'
import BenchStation from './stations/bench/BenchStation.vue'

/** The stations by address. The first screen is the Bench. */
export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', redirect: '/bench' },
    { path: '/counter', component: () => import('./stations/counter/CounterStation.vue') },
    { path: '/bench', component: BenchStation },
    { path: '/sheet', component: () => import('./stations/sheet/SheetStation.vue') },
    { path: '/oven/:id?', component: () => import('./stations/oven/OvenStation.vue'), props: true },
    { path: '/screens', component: () => import('./stations/people/ScreensPage.vue') },
    { path: '/pair', component: () => import('./stations/people/PairPage.vue') },
    { path: '/plates', component: () => import('./stations/people/PlatesPage.vue') },
    {
      path: '/drill/:id?',
      component: () => import('./stations/drill/DrillStation.vue'),
      props: true,
    },
    { path: '/notes', component: () => import('./stations/notes/NotesPage.vue') },
    { path: '/log', component: () => import('./stations/log/LogStation.vue') },
    { path: '/log/taught', component: () => import('./stations/log/TaughtPage.vue') },
    { path: '/log/files', component: () => import('./stations/log/FilesPage.vue') },
    { path: '/log/:id', component: () => import('./stations/log/BakePage.vue'), props: true },
    {
      path: '/log/:id/beside/:other',
      component: () => import('./stations/log/BesidePage.vue'),
      props: true,
    },
  ],
})
