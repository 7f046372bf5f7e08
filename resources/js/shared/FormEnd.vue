<script setup lang="ts">
import { NButton } from 'naive-ui';

/* The end of a form: what was in the way, then keep it or leave. What else can be done stands between. */
defineProps<{ busy: boolean; why: string; label: string }>();
defineEmits<{ leave: [] }>();
</script>

<template>
    <p v-if="why" class="alert" role="alert">{{ why }}</p>
    <div class="acts">
        <NButton type="primary" size="large" attr-type="submit" :loading="busy">{{ label }}</NButton>
        <slot />
        <NButton size="large" @click="$emit('leave')">Leave</NButton>
    </div>
</template>
