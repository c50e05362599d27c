/** What core alone must be fast in. */
package elsko.bench.core;
