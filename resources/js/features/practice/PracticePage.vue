<script setup lang="ts">
import LoadState from '@/shared/LoadState.vue';
import { readReadiness } from '@/shared/progress/api';
import { useLoad } from '@/shared/useLoad';
import { useLookAgain } from '@/shared/useLookAgain';
import PracticeCards from './PracticeCards.vue';

const props = defineProps<{ id: number; minutes: number }>();
const asked = useLoad(() => readReadiness(props.id));
const { loaded, again } = asked;
useLookAgain(asked, ({ is_fitting: isFitting }) => isFitting);
</script>

<template>
    <LoadState :loaded="loaded" @again="again">
        <template #default="{ data }">
            <main class="page">
                <template v-if="data.unknown">
                    <h1>{{ data.is_fitting ? 'Working out what to practice' : 'Nothing to practice yet' }}</h1>
                    <p>{{ data.unknown }}</p>
                </template>
                <PracticeCards v-else :readiness="data" :student="id" :minutes="minutes" />
            </main>
        </template>
    </LoadState>
</template>
