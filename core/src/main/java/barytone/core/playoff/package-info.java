/** What is heard when an instrument is played through at the end: every string and fret, soft to hard, with and without an amplifier. */
@NullMarked
package barytone.core.playoff;

import org.jspecify.annotations.NullMarked;
