import 'vue';

// Attributes that a component hands on to its own element; any other that it does not know is a prop that was misspelt or renamed.
declare module 'vue' {
  interface AllowedComponentProps {
    readonly 'aria-label'?: string;
    readonly role?: string;
    readonly dir?: string;
    readonly inputmode?: 'numeric' | 'decimal';
    readonly download?: boolean | string;
    readonly title?: string;
    readonly list?: string;
  }
  interface HTMLAttributes {
    readonly [name: `data-${string}`]: unknown;
  }
  interface SVGAttributes {
    readonly [name: `data-${string}`]: unknown;
  }
}
