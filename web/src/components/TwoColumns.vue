<script setup lang="ts">
/** The thing itself on the left, the app's judgement in the margin on the right. */
withDefaults(defineProps<{ margin?: number }>(), { margin: 316 });
</script>

<template>
  <div class="page" :style="{ '--margin': `${margin}px` }">
    <main id="content" class="main"><slot /></main>
    <aside class="margin"><slot name="sidebar" /></aside>
  </div>
</template>

<style scoped>
.page {
  display: grid;
  grid-template-columns: minmax(0, 1fr) var(--margin);
  max-width: 1500px;
  margin: 0 auto;
  padding: 0 24px 40px;
}
.main {
  padding-right: 28px;
}
.margin {
  padding-left: 22px;
  border-left: 1px solid var(--line);
}
@media (max-width: 900px) {
  .page {
    grid-template-columns: minmax(0, 1fr);
    padding: 0 14px 40px;
  }
  .main {
    padding-right: 0;
  }
  .margin {
    margin-top: 28px;
    padding: 16px 0 0;
    border-top: 1px solid var(--line);
    border-left: 0;
  }
}
@media print {
  .page {
    display: block;
    padding: 0;
  }
  .main {
    padding: 0;
  }
  .margin {
    margin-top: 20px;
    padding: 10px 0 0;
    border-top: 1px solid var(--line);
    border-left: 0;
  }
}
</style>
