<template>
  <section class="panel">
    <h1>There is nothing here</h1>
    <p>
      The address may be mistyped. <RouterLink to="/">Go to the board</RouterLink>, or press <kbd>/</kbd> and search.
    </p>
  </section>
</template>
