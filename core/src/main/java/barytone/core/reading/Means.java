package barytone.core.reading;

/**
 * By what a gap was read: every reading with the same tool is off by the same amount, and every one in the same position by the same bow.
 *
 * @param tool with which it was read
 * @param position how the instrument lay
 */
public record Means(Tool tool, Position position) {}
