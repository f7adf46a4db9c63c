/** Players: how they are called and reached, how they like it, and which of them are one and the same. */
@NullMarked
package barytone.server.people;

import org.jspecify.annotations.NullMarked;
