/** The invented jobs of the demonstration. */
@NullMarked
package barytone.server.demo;

import org.jspecify.annotations.NullMarked;
