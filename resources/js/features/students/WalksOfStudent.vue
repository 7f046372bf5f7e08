<script setup lang="ts">
import AttemptRow from '@/shared/AttemptRow.vue';
import { NButton } from 'naive-ui';
import type { Walk } from './api';

/* Which walks were there? */
defineProps<{ walks: Walk[]; hasOlder: boolean; busy: boolean; why: string }>();
defineEmits<{ older: [] }>();
</script>

<template>
    <section>
        <h2>Walks, newest first</h2>
        <p v-if="walks.length === 0" class="quiet">None yet.</p>
        <div data-test="walks">
            <AttemptRow v-for="attempt in walks.toReversed()" :key="attempt.id" :attempt="attempt" />
        </div>
        <p v-if="hasOlder" class="acts">
            <NButton :loading="busy" data-test="older-walks" @click="$emit('older')">Show older walks</NButton>
            <span class="quiet">The latest {{ walks.length }} are shown, here and in the chart above.</span>
        </p>
        <p v-if="why" class="alert" role="alert">{{ why }}</p>
    </section>
</template>
