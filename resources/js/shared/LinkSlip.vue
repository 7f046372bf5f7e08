<script setup lang="ts">
import { dayOfYear } from '@/shared/format';
import type { Schemas } from '@/shared/api/client';
import { NButton } from 'naive-ui';
import { computed, ref } from 'vue';

/* A link that opens once, to copy or to hand over on paper. It is shown this once. */
const props = defineProps<{ link: Schemas['LinkResource'] }>();
const address = computed(() => window.location.origin + props.link.path);
const isCopied = ref(false);
async function copy(): Promise<void> {
    await navigator.clipboard.writeText(address.value).catch(() => undefined);
    isCopied.value = true;
}
const print = (): void => window.print();
</script>

<template>
    <section class="slip" role="status" data-test="link">
        <h2>{{ link.name }} sets a password here</h2>
        <p class="address">{{ address }}</p>
        <p>
            It opens once, until {{ dayOfYear(link.until) }}, and is shown only now. Then {{ link.name }} signs in with
            <strong>{{ link.email }}</strong>.
        </p>
        <p v-if="link.mailed">It was sent to that address as well.</p>
        <div class="acts no-print">
            <NButton @click="copy">{{ isCopied ? 'Copied' : 'Copy the link' }}</NButton>
            <NButton @click="print">Print the slip</NButton>
        </div>
    </section>
</template>

<style scoped>
.slip {
    display: grid;
    gap: var(--space-4);
    padding: var(--space-6);
    border: 3px solid var(--strong);
    border-radius: var(--round-large);
    background: var(--panel);
}
.address {
    font:
        600 1rem/1.4 ui-monospace,
        monospace;
    overflow-wrap: anywhere;
    max-width: none;
}
</style>
