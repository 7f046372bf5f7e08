import { NSelect } from 'naive-ui';
import { defineComponent, h, onMounted, onUpdated, useTemplateRef } from 'vue';

interface Given {
    inputProps?: { id?: string; 'aria-label'?: string };
    'input-props'?: { id?: string; 'aria-label'?: string };
}

/** What the label around or for it says, without what the select itself shows. */
function labelOf(select: HTMLElement, id: string | undefined): string {
    const around = select.closest('label');
    const label = id === undefined ? around : (document.querySelector(`label[for="${id}"]`) ?? around);
    const words = [...(label?.childNodes ?? [])].filter((node) => !node.contains(select));
    return words
        .map(({ textContent }) => textContent ?? '')
        .join(' ')
        .trim();
}

/**
 * The library's select with a role and a name for a screen reader: without, one in which nothing can be typed reads as
 * nothing at all.
 */
export const NamedSelect = defineComponent({
    inheritAttrs: false,
    setup(_, { attrs, slots }) {
        const select = useTemplateRef<{ $el: HTMLElement }>('select');

        function name(): void {
            const root = select.value?.$el;
            const focused = root?.querySelector<HTMLElement>('input:not([tabindex="-1"]), [tabindex="0"]');
            if (root === undefined || focused === null || focused === undefined) return;
            const given = attrs as Given;
            const input = given.inputProps ?? given['input-props'];
            const words = input?.['aria-label'] ?? labelOf(root, input?.id);
            focused.setAttribute('role', 'combobox');
            focused.setAttribute('aria-haspopup', 'listbox');
            if (!focused.hasAttribute('aria-expanded')) focused.setAttribute('aria-expanded', 'false');
            if (words !== '') focused.setAttribute('aria-label', words);
        }
        onMounted(name);
        onUpdated(name);

        return () => h(NSelect, { ...attrs, ref: 'select', 'onUpdate:show': (shown: boolean) => expand(shown) }, slots);

        function expand(shown: boolean): void {
            select.value?.$el.querySelector('[role=combobox]')?.setAttribute('aria-expanded', String(shown));
        }
    },
}) as unknown as typeof NSelect;
