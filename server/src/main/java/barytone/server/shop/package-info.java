/** What the shop owns and wants: its tools, its schools, and what players and instruments are to get. */
@NullMarked
package barytone.server.shop;

import org.jspecify.annotations.NullMarked;
