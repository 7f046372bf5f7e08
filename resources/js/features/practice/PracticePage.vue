<script setup lang="ts">
import LoadState from '@/shared/LoadState.vue';
import { readReadiness } from '@/shared/progress/api';
import { useLoad } from '@/shared/useLoad';
import PracticeCards from './PracticeCards.vue';

const props = defineProps<{ id: number; minutes: number }>();
const { loaded, again } = useLoad(() => readReadiness(props.id));
</script>

<template>
    <LoadState :loaded="loaded" @again="again">
        <template #default="{ data }">
            <main class="page">
                <template v-if="data.unknown">
                    <h1>Nothing to practice yet</h1>
                    <p>{{ data.unknown }}</p>
                </template>
                <PracticeCards v-else :readiness="data" :student="id" :minutes="minutes" />
            </main>
        </template>
    </LoadState>
</template>
