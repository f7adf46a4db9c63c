/** What is heard while a job is worked on. */
@NullMarked
package barytone.server.hearing;

import org.jspecify.annotations.NullMarked;
