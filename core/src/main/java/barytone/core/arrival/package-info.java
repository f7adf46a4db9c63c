/** What arrives: what the player complains of, in which condition the instrument came, which strings it is to have. */
@NullMarked
package barytone.core.arrival;

import org.jspecify.annotations.NullMarked;
