/** Text as people type it: without what nobody sees and what turns the rest around. */
@NullMarked
package elsko.server.text;

import org.jspecify.annotations.NullMarked;
