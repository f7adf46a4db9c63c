/** The estimate of a whole setup: unknowns, their joint normal distribution, readings as updates, moves as predictions. */
@NullMarked
package barytone.core.estimate;

import org.jspecify.annotations.NullMarked;
