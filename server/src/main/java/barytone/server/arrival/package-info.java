/** How an instrument came: what hurts, what is seen on it, which strings it is to have. */
@NullMarked
package barytone.server.arrival;

import org.jspecify.annotations.NullMarked;
