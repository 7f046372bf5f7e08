<script setup lang="ts">
import type { PointCode } from '@/shared/attempt/api';
import { NButton } from 'naive-ui';
import { computed, nextTick, ref, useTemplateRef } from 'vue';
import { pressed, saidOf, toggled, type Marked, type PaperSection, type Sheet } from './paperLines';

/* What is marked on the sheet? One line after the other, by keys alone or by hand. */
const props = defineProps<{ sections: PaperSection[] }>();
const sheet = defineModel<Sheet>({ required: true });
const emit = defineEmits<{ end: [] }>();
const lines = computed(() => props.sections.flatMap((section) => section.lines));
const at = ref(
    Math.max(
        0,
        lines.value.findIndex(({ item }) => sheet.value[item.id] === undefined),
    ),
);
const list = useTemplateRef<HTMLElement>('list');

function mark(id: string, marked: Marked | undefined): void {
    const rest = Object.fromEntries(Object.entries(sheet.value).filter(([item]) => item !== id)) as Sheet;
    sheet.value = marked === undefined ? rest : { ...rest, [id]: marked };
}
async function goTo(line: number): Promise<void> {
    if (line >= lines.value.length) emit('end');
    at.value = Math.max(0, Math.min(lines.value.length - 1, line));
    await nextTick();
    list.value?.querySelector('[aria-current]')?.scrollIntoView({ block: 'center' });
}
function press(event: KeyboardEvent): void {
    const line = lines.value[at.value];
    if (line === undefined || event.ctrlKey || event.metaKey || event.altKey) return;
    const did = pressed(event.key, line, sheet.value[line.item.id]);
    if (did === undefined) return;
    event.preventDefault();
    mark(line.item.id, did.marked);
    if (did.by !== 0) void goTo(at.value + did.by);
}
const has = (id: string, code: string): boolean => {
    const marked = sheet.value[id];
    return marked === 'whole' || (Array.isArray(marked) && marked.includes(code as PointCode));
};
</script>

<template>
    <div
        ref="list"
        class="lines"
        tabindex="0"
        role="group"
        aria-label="Lines of the sheet. Digits mark points, the space bar the whole, 0 nothing, Enter goes on."
        data-test="paper-lines"
        @keydown="press"
    >
        <section v-for="section in sections" :key="section.name">
            <h3>{{ section.name }}</h3>
            <ol>
                <li
                    v-for="line in section.lines"
                    :key="line.item.id"
                    :aria-current="lines[at] === line ? 'true' : undefined"
                    :data-line="line.item.id"
                    @click="goTo(lines.indexOf(line))"
                >
                    <span class="number">{{ line.number }}</span>
                    <strong
                        >{{ line.item.name }} <small>{{ line.item.where }}</small></strong
                    >
                    <span v-if="lines[at] !== line" class="said">{{ saidOf(line, sheet[line.item.id]) }}</span>
                    <div v-else class="acts">
                        <NButton
                            v-for="(point, n) in line.points"
                            :key="point.code"
                            size="large"
                            :type="has(line.item.id, point.code) ? 'primary' : 'default'"
                            @click.stop="mark(line.item.id, toggled(sheet[line.item.id], point.code as PointCode))"
                            ><b v-if="n < 9" class="key">{{ n + 1 }}</b> {{ point.label }}</NButton
                        >
                        <NButton size="large" @click.stop="(mark(line.item.id, 'whole'), goTo(at + 1))"
                            ><b class="key">space</b> Whole</NButton
                        >
                        <NButton size="large" @click.stop="(mark(line.item.id, 'nothing'), goTo(at + 1))"
                            ><b class="key">0</b> Not heard</NButton
                        >
                    </div>
                </li>
            </ol>
        </section>
    </div>
</template>

<style scoped>
.lines:focus-visible {
    outline: none;
}
ol {
    list-style: none;
    margin: 0;
    padding: 0;
}
li {
    display: grid;
    grid-template-columns: 48px minmax(0, 1fr) minmax(0, 1fr);
    gap: var(--space-2) var(--space-4);
    align-items: center;
    min-height: 48px;
    padding: var(--space-2) var(--space-3);
    border-bottom: 1px solid var(--line);
    cursor: pointer;
}
li[aria-current] {
    background: var(--panel);
    outline: 3px solid var(--line);
    outline-offset: -3px;
}
.lines:focus-visible li[aria-current] {
    outline-color: var(--late);
}
.number {
    font-variant-numeric: tabular-nums;
    text-align: right;
}
small {
    color: var(--quiet);
    font-weight: 400;
}
.acts {
    grid-column: 2 / -1;
}
.key {
    margin-right: var(--space-3);
    padding: 0 var(--space-2);
    border: 2px solid currentcolor;
    border-radius: var(--round-small);
}
</style>
