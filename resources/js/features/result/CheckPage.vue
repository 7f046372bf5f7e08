<script setup lang="ts">
import LoadState from '@/shared/LoadState.vue';
import { dayAndTime } from '@/shared/format';
import { answer, api } from '@/shared/api/client';
import { useLoad } from '@/shared/useLoad';

/* Does a printed sheet say what the record says? The address stands on the sheet. */
const props = defineProps<{ id: string; digest: string }>();
const { loaded, again } = useLoad(() =>
    answer(
        api.GET('/attempts/{attempt}/check', {
            params: { path: { attempt: props.id }, query: { digest: props.digest.toLowerCase() } },
        }),
    ),
);
</script>

<template>
    <LoadState :loaded="loaded" @again="again">
        <template #default="{ data }">
            <main class="page">
                <h1>
                    {{
                        data.is_now
                            ? '✓ The sheet says what the record says'
                            : data.signed.length > 0
                              ? '! The record was changed since this sheet was printed'
                              : '✕ This sheet is not of this record'
                    }}
                </h1>
                <p>
                    {{ data.student }}, {{ dayAndTime(data.started_at) }}; digest <code>{{ digest }}</code>.
                </p>
                <section v-if="data.signed.length > 0">
                    <h2>Signed as it was printed</h2>
                    <p v-for="one in data.signed" :key="one">{{ one }}</p>
                </section>
                <p v-else-if="data.is_now">Nobody has signed it as it is.</p>
                <p v-else>
                    Compare the address with the one on the sheet. Where it is the same, the sheet was changed, or the
                    record was before anybody signed it.
                </p>
                <RouterLink :to="{ name: 'result', params: { id } }">Open the record</RouterLink>
            </main>
        </template>
    </LoadState>
</template>

<style scoped>
code {
    overflow-wrap: anywhere;
}
</style>
