/** What is promised, and whether it will be kept: the shop's hours, the queue at the bench, and a year of it. */
@NullMarked
package barytone.core.promise;

import org.jspecify.annotations.NullMarked;
