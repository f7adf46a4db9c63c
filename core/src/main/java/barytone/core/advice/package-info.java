/** What is advised, by whichever station, and the tools and the time that it is weighed with. */
@NullMarked
package barytone.core.advice;

import org.jspecify.annotations.NullMarked;
