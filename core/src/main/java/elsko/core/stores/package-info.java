/** What the work ahead takes from the shelf, when it runs out, and what to order. */
@NullMarked
package elsko.core.stores;

import org.jspecify.annotations.NullMarked;
