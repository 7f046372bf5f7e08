<script setup lang="ts">
import LoadState from '@/shared/LoadState.vue';
import { answer, api } from '@/shared/api/client';
import { day } from '@/shared/format';
import { useLoad } from '@/shared/useLoad';

/* What was rehearsed alone, and how much of it was said? */
const props = defineProps<{ student: number }>();
const { loaded, again } = useLoad(() =>
    answer(api.GET('/students/{student}/rehearsals', { params: { path: { student: props.student } } })),
);
</script>

<template>
    <section data-test="rehearsed-alone">
        <h2>Rehearsed alone</h2>
        <LoadState :loaded="loaded" @again="again">
            <template #default="{ data }">
                <p v-if="data.length === 0" class="quiet">
                    Nothing yet. A place, an axle, a section or the whole vehicle, said aloud or typed; it counts on no
                    sheet.
                </p>
                <ol v-else class="figure-list">
                    <li v-for="one in data" :key="one.id">
                        <span>{{ day(one.begun_at) }}, {{ one.label }}</span>
                        <span class="numeral quiet">{{ one.whole }} of {{ one.asked }} said whole</span>
                    </li>
                </ol>
            </template>
        </LoadState>
        <p>
            <RouterLink :to="{ name: 'rehearse', params: { id: student } }">Rehearse</RouterLink>
        </p>
    </section>
</template>
