package barytone.core.job;

import java.util.Arrays;
import java.util.Optional;

/**
 * What an advice is about. An answer to it holds for the rest of the job, so it is stored, under its code, which is never changed.
 *
 * @param kind what sort of thing; a room names its own
 * @param of which of several: a number, or a station's name; empty where there is but one
 */
public record Topic(String kind, String of) implements Comparable<Topic> {
    /** What there is but one of. */
    public static Topic of(String kind) {
        return new Topic(kind, "");
    }

    /** One of several that are numbered. */
    public static Topic of(String kind, long number) {
        return new Topic(kind, String.valueOf(number));
    }

    /** What there is at every station. */
    public static Topic of(String kind, Station station) {
        return new Topic(kind, station.name());
    }

    /** Whether it is of a kind. */
    public boolean is(String kind) {
        return this.kind.equals(kind);
    }

    /** The station that it is of; empty when it is of none. */
    public Optional<Station> station() {
        return Arrays.stream(Station.values()).filter(s -> s.name().equals(of)).findFirst();
    }

    /** As it is stored. */
    public String code() {
        return of.isEmpty() ? kind : kind + "-" + of;
    }

    /** From what was stored. */
    public static Topic read(String code) {
        int at = code.lastIndexOf('-');
        if (at < 0) return of(code);
        Topic two = new Topic(code.substring(0, at), code.substring(at + 1));
        return two.of.matches("[0-9]+") || two.station().isPresent() ? two : of(code);
    }

    @Override
    public int compareTo(Topic other) {
        return code().compareTo(other.code());
    }
}
