package barytone.server.job;

import barytone.core.estimate.SetupEstimate;
import barytone.core.job.Station;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** What all stations say of a job: their voices, made once for all that a page tells. */
public final class Voices {
    private final List<? extends RoomVoice<?, ?>> all;

    Voices(List<? extends RoomVoice<?, ?>> all) {
        this.all = all;
    }

    /** Who speaks for a station. */
    public RoomVoice<?, ?> of(Station station) {
        return all.stream()
                .filter(voice -> voice.station() == station)
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("nobody speaks for " + station));
    }

    /** A voice by its class. */
    public <V extends RoomVoice<?, ?>> V the(Class<V> kind) {
        return all.stream()
                .filter(kind::isInstance)
                .map(kind::cast)
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("no " + kind.getSimpleName()));
    }

    /** What the first one says that has something to say; empty when none has. */
    <T> Optional<T> first(Function<RoomVoice<?, ?>, Optional<T>> said) {
        return all.stream().flatMap(voice -> said.apply(voice).stream()).findFirst();
    }

    /** What all of them say, in the order of work. */
    List<String> each(Function<RoomVoice<?, ?>, List<String>> said) {
        return all.stream().flatMap(voice -> said.apply(voice).stream()).toList();
    }

    /** What a move of heights changes that no height is. */
    List<JobView.Ripple> ripple(SetupEstimate after) {
        return all.stream().flatMap(voice -> voice.ripple(after).stream()).toList();
    }
}
