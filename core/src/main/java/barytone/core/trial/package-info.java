/** Another setup is tried before anything is moved: what it would make of every note, how low it could go, and taken as what is wanted. */
@NullMarked
package barytone.core.trial;

import org.jspecify.annotations.NullMarked;
