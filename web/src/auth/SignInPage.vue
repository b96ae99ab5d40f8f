<script setup lang="ts">
import { defineAsyncComponent } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import DemoEntries from '../layout/DemoEntries.vue';
import BrandHeader from '../layout/BrandHeader.vue';
import { useSession } from '../stores/session';

const SignInForm = defineAsyncComponent(() => import('../layout/SignInForm.vue'));
const session = useSession();
const route = useRoute();
const router = useRouter();

const onward = () => router.push(typeof route.query.to === 'string' && route.query.to.startsWith('/') ? route.query.to : '/');
</script>

<template>
  <div class="door">
    <BrandHeader />
    <main id="content">
      <section>
        <h1>Is it true? Ask the plants, fairly.</h1>
        <p class="lead">From a question or a tip to a fair plan, a logbook, an honest verdict and a lab report.</p>
        <svg viewBox="0 0 420 130" class="shelf" aria-hidden="true">
          <rect x="1" y="1" width="418" height="128" rx="10" fill="#fff" stroke="#CBD5CB" />
          <rect x="14" y="10" width="392" height="7" rx="3.5" fill="#F6E3A1" />
          <g v-for="i in 6" :key="i" :transform="`translate(${i * 63 - 10} 76)`">
            <rect x="-22" y="-22" width="44" height="44" rx="8" fill="#F3EFE6" stroke="#7C8F86" />
            <path
              :d="`M0 6C0 ${-8 - ((i * 5) % 11)} 6 ${-14 - ((i * 5) % 11)} 11 ${-13 - ((i * 5) % 11)}M0 2q-9 0 -13 -8`"
              fill="none"
              stroke="#2F7D4F"
              stroke-width="3"
              stroke-linecap="round"
            />
            <path
              d="M12 -30H28V-18L20 -11L12 -18Z"
              :fill="i % 2 ? '#fff' : '#0072B2'"
              :stroke="i % 2 ? '#14302A' : '#0072B2'"
              stroke-width="1.5"
            />
          </g>
        </svg>
      </section>
      <section class="entry">
        <template v-if="session.demo.length > 0">
          <h2>Look around the demo</h2>
          <p class="soft small">Everything in it is made up. Choose whose bench you want to see.</p>
          <DemoEntries @done="onward" />
        </template>
        <template v-else>
          <h2>{{ session.firstStart ? 'Make the teacher’s account' : 'Sign in' }}</h2>
          <p v-if="session.firstStart" class="soft small">
            This is the first start on this computer. The account keeps your experiments; nobody else sees them.
          </p>
          <SignInForm @done="onward" />
        </template>
      </section>
    </main>
  </div>
</template>

<style scoped>
main {
  display: grid;
  grid-template-columns: minmax(0, 1.25fr) minmax(300px, 380px);
  gap: 64px;
  align-items: center;
  max-width: 1100px;
  margin: 0 auto;
  padding: 60px 24px;
}
h1 {
  font-size: 38px;
}
.lead {
  margin: 14px 0 26px;
  font-size: 18px;
}
.shelf {
  width: 100%;
  max-width: 520px;
}
.entry {
  padding-left: 32px;
  border-left: 1px solid var(--line);
}
.entry h2 {
  margin-bottom: 8px;
}
@media (max-width: 900px) {
  main {
    grid-template-columns: 1fr;
    gap: 28px;
    padding: 28px 18px;
  }
  h1 {
    font-size: 28px;
  }
  .entry {
    padding: 0;
    border: 0;
  }
}
</style>
