import { createRouter, createWebHashHistory } from 'vue-router'
import FloorPage from './floor/FloorPage.vue'
import BatchShell from './shell/BatchShell.vue'
import CheckStation from './stations/check/CheckStation.vue'
import CutStation from './stations/cut/CutStation.vue'
import DeliverStation from './stations/deliver/DeliverStation.vue'
import DressStation from './stations/dress/DressStation.vue'
import ShelfPage from './shelf/ShelfPage.vue'
import IntakeStation from './stations/intake/IntakeStation.vue'
import TouchUpStation from './stations/touchup/TouchUpStation.vue'

export const router = createRouter({
  history: createWebHashHistory(),
  routes: [
    { path: '/', name: 'floor', component: FloorPage },
    { path: '/shelf', name: 'shelf', component: ShelfPage },
    {
      path: '/batches/:id(\\d+)',
      component: BatchShell,
      children: [
        { path: '', redirect: (to) => ({ name: 'intake', params: to.params }) },
        { path: 'intake', name: 'intake', component: IntakeStation },
        { path: 'cut', name: 'cut', component: CutStation },
        { path: 'check', name: 'check', component: CheckStation },
        { path: 'touch-up', name: 'touch-up', component: TouchUpStation },
        { path: 'dress', name: 'dress', component: DressStation },
        { path: 'deliver', name: 'deliver', component: DeliverStation },
      ],
    },
    { path: '/:rest(.*)*', redirect: '/' },
  ],
})
