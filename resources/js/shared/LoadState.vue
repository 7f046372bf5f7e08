<script setup lang="ts" generic="T">
import { NButton, NSkeleton } from 'naive-ui';
import type { Loaded } from './useLoad';

defineProps<{ loaded: Loaded<T> }>();
defineEmits<{ again: [] }>();
</script>

<template>
    <div v-if="loaded.state === 'loading'" class="page" aria-busy="true">
        <NSkeleton height="40px" width="45%" :sharp="false" />
        <NSkeleton text :repeat="6" />
    </div>
    <main v-else-if="loaded.state === 'failed'" class="page">
        <h1>This could not be loaded</h1>
        <p role="alert">{{ loaded.why }}</p>
        <div><NButton type="primary" @click="$emit('again')">Try again</NButton></div>
    </main>
    <slot v-else :data="loaded.data" />
</template>
