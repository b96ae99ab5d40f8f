<template>
  <svg width="22" height="26" viewBox="0 0 22 26" aria-hidden="true" fill="none" stroke-linecap="round">
    <path d="M11 25C11 16 11 9 15.5 5.5C18.5 3.2 20 6.8 17.6 7.8C16.2 8.3 15.4 7 16.2 6.2" stroke="#BFE0B8" stroke-width="1.8" />
    <path
      d="M11 20Q6 19.6 3 16.4M11 16Q6.6 15.4 4.4 12.6M11.4 12Q8 11.4 6.4 9M11 21.4Q15 21 18 18.4M11.2 17.4Q14.6 17 16.8 14.8"
      stroke="#8CC48B"
      stroke-width="1.7"
    />
  </svg>
</template>
