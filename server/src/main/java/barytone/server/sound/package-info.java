/** Sound: WAV files in and out, the pitch in them, and listening while strings are tuned. */
@NullMarked
package barytone.server.sound;

import org.jspecify.annotations.NullMarked;
