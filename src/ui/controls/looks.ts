import { cva, type VariantProps } from 'class-variance-authority';

/**
 * What is pressed, in its looks and sizes. A finger needs more room than a pointer: where the
 * pointer is coarse everything is 44 px or more.
 */
export const buttonLook = cva('pointer-coarse:min-h-11', {
  variants: {
    look: {
      /** The one main action of a place. */
      act: 'inline-flex min-h-7.5 items-center justify-center gap-1.5 rounded-[2px] bg-act px-3 text-small font-semibold text-act-on disabled:bg-rule disabled:text-ink',
      /** Any other action. */
      quiet:
        'inline-flex min-h-7.5 items-center justify-center gap-1.5 rounded-[2px] border-[1.5px] border-rule2 px-2.5 text-small font-semibold text-ink hover:border-ink disabled:text-ink2 disabled:opacity-75',
      /** An action within a text or a row. */
      plain:
        'min-h-6 text-small font-semibold text-ink underline decoration-rule2 underline-offset-3 disabled:no-underline disabled:opacity-60',
      /** The same, where it leads on. */
      link: 'min-h-6 text-small font-semibold text-act-text underline underline-offset-3',
      /** One of many in a row of tools. */
      tool: 'inline-flex min-h-7 min-w-0 items-center gap-1 rounded-[2px] border-[1.5px] border-transparent px-1 text-note font-semibold whitespace-nowrap text-ink not-disabled:hover:border-rule2 disabled:text-ink2 disabled:opacity-75 aria-pressed:bg-ink aria-pressed:text-paper data-[state=open]:border-rule2',
      /** One of a few that exclude each other. */
      choice:
        'min-h-8 rounded-[2px] border-[1.5px] border-rule2 px-2.5 py-1 text-left text-small font-semibold aria-checked:border-ink aria-checked:bg-ink aria-checked:text-paper aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-paper data-[state=on]:border-ink data-[state=on]:bg-ink data-[state=on]:text-paper',
      /** An icon alone. */
      icon: 'grid size-7 place-items-center rounded-[2px] font-semibold disabled:text-rule2 pointer-coarse:size-11',
      /** A whole row or picture that can be pressed: looks like what it holds. */
      bare: '',
    },
  },
  defaultVariants: { look: 'quiet' },
});

export type ButtonLook = NonNullable<VariantProps<typeof buttonLook>['look']>;

/** A field to type in or choose from. */
export const entryLook = cva(
  'max-w-full min-w-0 border-0 border-b-2 border-rule2 bg-paper px-2 text-ink focus:border-act pointer-coarse:min-h-11',
  {
    variants: {
      size: {
        usual: 'h-8 text-body',
        large: 'h-9 text-lead',
        small: 'h-7 text-body',
        title: 'h-8 text-word',
      },
    },
    defaultVariants: { size: 'usual' },
  },
);
