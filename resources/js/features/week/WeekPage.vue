<script setup lang="ts">
import CalendarLink from '@/shared/CalendarLink.vue';
import LoadState from '@/shared/LoadState.vue';
import { day, schoolDay } from '@/shared/format';
import { useLoad } from '@/shared/useLoad';
import { computed, ref, watch } from 'vue';
import { readWeek } from './api';
import WeekPlan from './WeekPlan.vue';

/* Who walks what with whom and when. */
const DAY_MS = 86_400_000;
const from = ref(schoolDay());
const { loaded, again } = useLoad(() => readWeek(from.value));
watch(from, () => void again());
const move = (days: number): void => {
    from.value = new Date(Date.parse(`${from.value}T12:00:00Z`) + days * DAY_MS).toISOString().slice(0, 10);
};
const title = computed(() => (loaded.value.state === 'ready' ? `Week of ${day(loaded.value.data.from)}` : 'Week'));
</script>

<template>
    <LoadState :loaded="loaded" @again="again">
        <template #default="{ data }">
            <main class="page">
                <div class="acts no-print">
                    <button type="button" class="turn" @click="move(-7)">Week before</button>
                    <strong>{{ title }}</strong>
                    <button type="button" class="turn" @click="move(7)">Week after</button>
                </div>
                <WeekPlan :key="`${data.from} ${data.revision}`" :read="data" />
                <CalendarLink class="no-print" />
            </main>
        </template>
    </LoadState>
</template>

<style scoped>
.turn {
    min-height: 48px;
    padding: 0 var(--space-5);
    border: 2px solid var(--line);
    border-radius: var(--round-middle);
    background: none;
    cursor: pointer;
}
</style>
