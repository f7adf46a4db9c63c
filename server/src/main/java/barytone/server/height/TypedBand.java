package barytone.server.height;

/** A band as it was typed. */
public record TypedBand(String low, String high) {}
