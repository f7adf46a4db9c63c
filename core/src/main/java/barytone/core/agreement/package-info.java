/** What was agreed with the player: services, parts and small favours with their prices, what was offered and not taken, and what it comes to. */
@NullMarked
package barytone.core.agreement;

import org.jspecify.annotations.NullMarked;
