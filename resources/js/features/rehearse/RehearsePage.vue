<script setup lang="ts">
import LoadState from '@/shared/LoadState.vue';
import { readReadiness } from '@/shared/progress/api';
import { useLoad } from '@/shared/useLoad';
import { ref, shallowRef } from 'vue';
import RehearseSay from './RehearseSay.vue';
import ScopePicker from './ScopePicker.vue';
import type { ScopeChoice } from './api';

const props = defineProps<{ id: number }>();
const { loaded, again } = useLoad(() => readReadiness(props.id));
const scope = shallowRef<ScopeChoice>();
/** Said again, it is another rehearsal. */
const turn = ref(0);
</script>

<template>
    <LoadState :loaded="loaded" @again="again">
        <template #default="{ data }">
            <main class="page">
                <ScopePicker v-if="scope === undefined" :readiness="data" @choose="(one) => (scope = one)" />
                <RehearseSay
                    v-else
                    :key="turn"
                    :readiness="data"
                    :student="id"
                    :scope="scope"
                    @again="turn++"
                    @other="scope = undefined"
                />
                <p>
                    <RouterLink :to="{ name: 'student', params: { id } }">Back to how ready you are</RouterLink>
                </p>
            </main>
        </template>
    </LoadState>
</template>
