<template>
    <main class="page">
        <h1>There is nothing at this address</h1>
        <p>It may be mistyped, or the record was removed. <RouterLink to="/">Go to Today</RouterLink></p>
    </main>
</template>
