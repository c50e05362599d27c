import type { ProductView } from '../api/client';

/** What a product can and cannot do here undiluted: said before any of it is poured. */
export function CeilingWords({ product }: { product: ProductView }) {
  const { outcome, words } = product.ceiling;
  return (
    <span
      className={`block text-[13.5px] ${outcome ? 'text-verm font-semibold' : 'text-soft'}`}
      role={outcome ? 'note' : undefined}
    >
      {words}
    </span>
  );
}
