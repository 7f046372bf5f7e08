<script setup lang="ts">
import TextField from './TextField.vue';

/* A password that somebody chooses. How long it has to be is the server's to say. */
withDefaults(defineProps<{ label?: string; fault?: string | undefined }>(), { label: 'Password', fault: undefined });
const password = defineModel<string>({ required: true });
</script>

<template>
    <TextField
        v-model="password"
        :label="label"
        type="password"
        autocomplete="new-password"
        hint="long: three or four words that do not belong together are easy to keep in mind"
        :fault="fault"
    />
</template>
