import { createRouter, createWebHistory, type RouteRecordRaw } from 'vue-router';
import { useSession } from './stores/session';

/** The six steps in order; folder, route and page have the same word. */
export const steps = ['ask', 'plan', 'prepare', 'log', 'weigh', 'write'] as const;
export type Step = (typeof steps)[number];

const titles: Readonly<Record<Step, string>> = {
  ask: 'Ask',
  plan: 'Plan',
  prepare: 'Prepare',
  log: 'Log',
  weigh: 'Weigh up',
  write: 'Write up',
};
const pages: Record<Step, () => Promise<unknown>> = {
  ask: () => import('./ask/AskPage.vue'),
  plan: () => import('./plan/PlanPage.vue'),
  prepare: () => import('./prepare/PreparePage.vue'),
  log: () => import('./log/LogPage.vue'),
  weigh: () => import('./weigh/WeighPage.vue'),
  write: () => import('./write/WritePage.vue'),
};

const routes: RouteRecordRaw[] = [
  { path: '/', name: 'today', component: () => import('./today/TodayPage.vue'), meta: { title: 'Today' } },
  { path: '/door', name: 'door', component: () => import('./auth/SignInPage.vue'), meta: { open: true, title: 'Welcome' } },
  { path: '/account', name: 'account', component: () => import('./account/AccountPage.vue'), meta: { title: 'Your data and account' } },
  { path: '/u/:id/:unit', redirect: ({ params }) => ({ name: 'log', params: { id: params.id }, query: { unit: params.unit } }) },
  {
    path: '/calculators/:calculator?',
    name: 'calculators',
    component: () => import('./prepare/CalculatorsPage.vue'),
    meta: { title: 'Calculate' },
  },
  { path: '/ask', name: 'library', component: () => import('./ask/LibraryPage.vue'), meta: { title: 'Ask a question' } },
  {
    path: '/experiments/:id',
    component: () => import('./layout/ExperimentLayout.vue'),
    props: true,
    children: [
      { path: '', redirect: (to) => ({ name: 'plan', params: to.params }) },
      {
        path: 'log/walk/:day',
        name: 'walk',
        component: () => import('./log/RecordPage.vue'),
        props: true,
        meta: { whole: true, title: 'Walk' },
      },
      { path: 'log/photos', name: 'photos', component: () => import('./log/PhotosPage.vue'), meta: { step: 'log', title: 'Photos' } },
      {
        path: 'prepare/labels',
        name: 'labels',
        component: () => import('./prepare/LabelsPage.vue'),
        meta: { step: 'prepare', title: 'Labels' },
      },
      {
        path: 'prepare/put-out',
        name: 'put-out',
        component: () => import('./prepare/SetUpPage.vue'),
        meta: { step: 'prepare', tells: true, title: 'Put out' },
      },
      {
        path: 'prepare/wall',
        name: 'wall',
        component: () => import('./prepare/PosterPage.vue'),
        meta: { step: 'prepare', title: 'Wall page' },
      },
      { path: 'prepare/kit', name: 'kit', component: () => import('./prepare/KitPage.vue'), meta: { step: 'prepare', title: 'Kit' } },
      {
        path: 'prepare/calculators/:calculator?',
        name: 'reckon',
        component: () => import('./prepare/ExperimentCalculators.vue'),
        meta: { step: 'prepare', title: 'Calculate' },
      },
      ...steps.map(
        (step): RouteRecordRaw =>
          ({
            path: step,
            name: step,
            component: pages[step] as RouteRecordRaw['component'],
            // What tells the arms waits until the key is open.
            meta: { tells: step === 'weigh' || step === 'write', title: titles[step] },
          }) as RouteRecordRaw,
      ),
    ],
  },
  { path: '/:path(.*)*', name: 'lost', component: () => import('./layout/NotFoundPage.vue'), meta: { title: 'Nothing here' } },
];

export const router = createRouter({
  history: createWebHistory(),
  routes,
  scrollBehavior: ({ hash }, _from, saved) => saved ?? (hash === '' ? { top: 0 } : { el: hash, top: 60 }),
});

router.beforeEach(async (to) => {
  const session = useSession();
  if (!session.known) {
    // The page's files come while the server says who this is.
    for (const { components } of to.matched)
      if (typeof components?.default === 'function') void (components.default as () => Promise<unknown>)();
    await session.load();
  }
  if (!to.meta.open && session.account === null && !session.unreachable)
    return { name: 'door', query: to.fullPath === '/' ? {} : { to: to.fullPath } };
  if (to.name === 'door' && session.account !== null) return { name: 'today' };
  return true;
});
