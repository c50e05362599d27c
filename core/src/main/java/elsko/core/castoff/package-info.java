/** May we go? The round before casting off, what stands against it, and fuel: go or no-go. */
package elsko.core.castoff;
