/** The shop's hours, and the half days that are promised by them. */
@NullMarked
package barytone.core.hours;

import org.jspecify.annotations.NullMarked;
