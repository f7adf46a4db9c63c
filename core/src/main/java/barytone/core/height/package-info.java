/** Gaps under the strings: how they are judged against what is wanted, and which must be read. Relief, nut and action share it, for each of them moves the others. */
@NullMarked
package barytone.core.height;

import org.jspecify.annotations.NullMarked;
