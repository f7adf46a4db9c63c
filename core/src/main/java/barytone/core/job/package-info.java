/** The log of a job, its replay and what follows from it: all that belongs to no station alone. */
@NullMarked
package barytone.core.job;

import org.jspecify.annotations.NullMarked;
