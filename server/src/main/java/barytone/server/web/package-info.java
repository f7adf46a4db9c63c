/** Plumbing of HTTP: the page, errors, the API document. */
@NullMarked
package barytone.server.web;

import org.jspecify.annotations.NullMarked;
