import { createRouter, createWebHistory } from 'vue-router'

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', name: 'board', component: () => import('@/features/board/BoardPage.vue'), meta: { place: 'board' } },
    { path: '/boats', name: 'boats', component: () => import('@/features/rig/BoatsPage.vue'), meta: { place: 'rigs' } },
    {
      path: '/boats/:id(\\d+)',
      name: 'boat',
      component: () => import('@/features/rig/RigPage.vue'),
      meta: { place: 'rigs' },
    },
    {
      path: '/boats/:id(\\d+)/check-in',
      name: 'check-in',
      component: () => import('@/features/checkin/CheckInPage.vue'),
      meta: { place: 'board' },
    },
    {
      path: '/orders/:number(\\d+)',
      name: 'order',
      component: () => import('@/features/builder/BuilderPage.vue'),
      meta: { place: 'board' },
    },
    {
      path: '/orders/:number(\\d+)/bench',
      name: 'bench',
      component: () => import('@/features/bench/BenchPage.vue'),
      meta: { bare: true },
    },
    {
      path: '/orders/:number(\\d+)/paper',
      name: 'paper',
      component: () => import('@/features/bench/PaperPage.vue'),
      meta: { place: 'bench' },
    },
    {
      path: '/orders/:number(\\d+)/release',
      name: 'release',
      component: () => import('@/features/bench/ReleasePage.vue'),
      meta: { place: 'bench' },
    },
    {
      path: '/orders/:number(\\d+)/record',
      name: 'record',
      component: () => import('@/features/record/RecordPage.vue'),
      meta: { place: 'board' },
    },
    {
      path: '/bench',
      name: 'bench-list',
      component: () => import('@/features/bench/BenchListPage.vue'),
      meta: { place: 'bench' },
    },
    {
      path: '/parts',
      name: 'parts',
      component: () => import('@/features/parts/PartsPage.vue'),
      meta: { place: 'parts' },
    },
    { path: '/book', name: 'book', component: () => import('@/features/book/BookPage.vue'), meta: { place: 'book' } },
    {
      path: '/engines/:id(\\d+)/log',
      name: 'log',
      component: () => import('@/features/log/LogPage.vue'),
      meta: { place: 'rigs' },
    },
    { path: '/:rest(.*)*', name: 'nowhere', component: () => import('./NowherePage.vue') },
  ],
})
