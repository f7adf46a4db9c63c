/** The application: HTTP, persistence, and one package per capability. */
@NullMarked
package barytone.server;

import org.jspecify.annotations.NullMarked;
