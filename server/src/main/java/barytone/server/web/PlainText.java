package barytone.server.web;

import barytone.core.quantity.Allowed;
import java.util.Locale;

/** Text that can be shown, printed and kept everywhere. */
public final class PlainText {
    private PlainText() {}

    /**
     * Refuses control characters, but for tabs and line ends, and halves of characters.
     *
     * @throws barytone.core.quantity.NotAllowedException with the field, the character and its place
     */
    public static void check(String field, String text) {
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            boolean pair = Character.isHighSurrogate(c)
                    && i + 1 < text.length()
                    && Character.isLowSurrogate(text.charAt(i + 1));
            if (pair) {
                i++;
                continue;
            }
            boolean blank = c == '\t' || c == '\n' || c == '\r';
            if ((Character.isISOControl(c) && !blank) || Character.isSurrogate(c))
                throw Allowed.broken(
                        field,
                        String.format(Locale.ROOT, "the character U+%04X in place %d", (int) c, i + 1),
                        "text without control characters and halves of characters");
        }
    }
}
