/**
 * The hunt for a buzz: what is heard on the map of the board, the causes that would explain it, the tests that tell them apart, and what it then takes. Causes are
 * present independently; a note sounds wrong with one less the product of what each of them leaves clean (a noisy or).
 */
@NullMarked
package barytone.core.buzz;

import org.jspecify.annotations.NullMarked;
