package barytone.core.station.intonation;

import barytone.core.bridge.LengthScrews;
import barytone.core.bridge.Supports;
import barytone.core.estimate.Move;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.intonation.IntonationWays;
import barytone.core.intonation.Sounded;
import barytone.core.job.Adjustment;
import barytone.core.job.JobDefaults;
import barytone.core.job.JobEvent;
import barytone.core.job.Station;
import barytone.core.quantity.Turns;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/** What was heard, and what happened to saddles and strings for it. */
public sealed interface ToneEvent extends JobEvent {
    /**
     * A pitch was read.
     *
     * @param string 1 is the highest
     * @param cents above the note's pitch in the tuning agreed on
     * @param inharmonicity B as heard; null when it was not heard by Barytone
     * @param wavered the pitch did not hold still
     * @param atPitch the technician says that the string was brought back to pitch before
     * @param typed what was typed; empty when it was heard
     */
    record PitchRead(
            int string,
            Sounded sounded,
            double cents,
            Ear ear,
            @Nullable Double inharmonicity,
            boolean wavered,
            boolean atPitch,
            String typed)
            implements ToneEvent {
        @Override
        public Optional<Row> row() {
            return Optional.of(new Row(Station.INTONATION, string));
        }
    }

    /** How intonation is read and judged was chosen. */
    record IntonationSet(IntonationWays ways) implements ToneEvent, Choosing {
        @Override
        public JobDefaults chosen(JobDefaults before) {
            return before.choosing(ways);
        }
    }

    /**
     * Saddles were moved along their strings.
     *
     * @param clockwise turns of each length screw as the screwdriver sees it, as {@link InstrumentSpec#lengthwise} names them
     * @param back mm that each support was moved back by hand or file; counts where the screw was not turned
     */
    record SaddlesMoved(List<Turns> clockwise, List<Double> back) implements ToneEvent, Adjustment {
        public SaddlesMoved {
            clockwise = List.copyOf(clockwise);
            back = List.copyOf(back);
        }

        @Override
        public Station station() {
            return Station.INTONATION;
        }

        /**
         * A saddle that goes back lowers its string a little, which now comes down to it from farther away, and follows the plate. The
         * pitch and direction of the screws are as stated: this is about hundredths of a millimetre.
         */
        @Override
        public List<Move> moves(InstrumentSpec spec) {
            Supports along = spec.lengthwise();
            LengthScrews screws = spec.fittings().length();
            List<Double> moved = new ArrayList<>();
            for (int j = 0; j < along.size(); j++)
                moved.add(
                        clockwise.get(j).isZero()
                                ? back.get(j)
                                : clockwise.get(j).value()
                                        * screws.pitchOrUsual()
                                        * (screws.head().clockwiseBack() ? 1 : -1));
            List<Double> got = along.atStrings(moved);
            double slope = 2 * spec.kind().actionAt12() / spec.scaleLength();
            List<Move> moves = new ArrayList<>();
            for (int s = 1; s <= spec.strings(); s++) {
                double change = got.get(s - 1) * (screws.plateRise() - slope);
                if (change != 0) moves.add(new Move.SaddleMoved(s, change, Adjustment.ALONG_SPREAD));
            }
            return moves;
        }

        /** The heights hardly change, and not on purpose. */
        @Override
        public List<Integer> touches(InstrumentSpec spec) {
            return List.of();
        }

        /** The strings that were slackened for it. */
        @Override
        public List<Integer> slackens(InstrumentSpec spec) {
            Supports along = spec.lengthwise();
            Set<Integer> strings = new TreeSet<>();
            for (int j = 0; j < along.size(); j++)
                if (!clockwise.get(j).isZero() || back.get(j) != 0) strings.addAll(along.strings(j));
            return List.copyOf(strings);
        }
    }

    /** It is known which way the length screws work. */
    record LengthDirectionLearned(boolean clockwiseBack) implements ToneEvent, JobEvent.LookingBack {}

    /**
     * How far a saddle can still go was looked at.
     *
     * @param support from bass to treble, 0 first
     * @param forward towards the nut, mm
     * @param back away from it, mm
     */
    record LengthTravelRead(int support, double forward, double back) implements ToneEvent {}

    /**
     * Where the saddles stand was measured.
     *
     * @param places behind the saddle of string 1, in mm, string 1 first
     */
    record SaddlePlacesRead(List<Double> places) implements ToneEvent {
        public SaddlePlacesRead {
            places = List.copyOf(places);
        }
    }

    /** What strings are on was said. */
    record StringsStated(StringAge age) implements ToneEvent {}

    /** A string was stretched; the drop in cents was heard. */
    record Stretched(int string, double drop) implements ToneEvent {}

    /** A string was replaced. */
    record StringRenewed(int string) implements ToneEvent {
        @Override
        public List<Integer> slackens(InstrumentSpec spec) {
            return List.of(string);
        }
    }
}
