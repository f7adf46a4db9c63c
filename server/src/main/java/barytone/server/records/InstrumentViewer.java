package barytone.server.records;

import barytone.core.agreement.Agreement;
import barytone.core.estimate.Band;
import barytone.core.estimate.Normal;
import barytone.core.history.Air;
import barytone.core.history.AirResponse;
import barytone.core.history.Changed;
import barytone.core.history.Visit;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.job.Figure;
import barytone.core.job.JobEvent;
import barytone.core.quantity.Units;
import barytone.server.instruments.InstrumentView;
import barytone.server.instruments.Instruments;
import barytone.server.job.AirWords;
import barytone.server.job.Choices;
import barytone.server.job.Days;
import barytone.server.job.JobLog;
import barytone.server.job.JobRegister;
import barytone.server.job.OpenedJob;
import barytone.server.people.People;
import barytone.server.shop.Settings;
import java.time.Clock;
import java.time.Instant;
import java.time.Month;
import java.time.ZonedDateTime;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Puts an instrument and its history into the form that its page draws. */
@Component
class InstrumentViewer {
    /** A season ahead; where its air was never read, somewhat sooner or later. */
    private static final int[] MONTHS_AHEAD = {3, 2, 4, 1, 5, 6};

    /** So many standard deviations hold nine in ten. */
    private static final double NINE_IN_TEN = 1.645;

    private final Instruments instruments;
    private final People people;
    private final JobRegister register;
    private final Histories histories;
    private final Choices choices;
    private final Clock clock;

    InstrumentViewer(
            Instruments instruments,
            People people,
            JobRegister register,
            Histories histories,
            Choices choices,
            Clock clock) {
        this.choices = choices;
        this.instruments = instruments;
        this.people = people;
        this.register = register;
        this.histories = histories;
        this.clock = clock;
    }

    /** The page of the instrument that this one is told as. */
    @Transactional(readOnly = true)
    public InstrumentPage page(long id, Units units) {
        long told = instruments.toldAs(id);
        Instruments.Stated stated = instruments.find(told);
        Instruments.About about = instruments.about(told);
        InstrumentSpec spec = stated.named().spec();
        List<Histories.Told> jobs = histories.of(told);
        List<Visit> visits = jobs.stream()
                .map(Histories.Told::visit)
                .filter(Objects::nonNull)
                .toList();
        Air air = histories.air(jobs);
        FigureWords words = new FigureWords(units);
        return new InstrumentPage(
                told,
                units.code(),
                clock.instant(),
                InstrumentView.of(stated.version(), stated.named().name(), spec),
                spec.kind().label(),
                new InstrumentPage.AboutView(
                        about.version(), about.make(), about.notes(), about.doNotTouch(), about.archivedAt()),
                players(jobs),
                jobs.reversed().stream().map(job -> visit(job, words)).toList(),
                series(visits, air, spec, words),
                air(visits, air),
                changes(visits, air, spec, words),
                forecasts(visits, air, spec, words),
                versions(told),
                choices.favourites(
                        Settings.Scope.INSTRUMENT, told, stated.named().name()),
                instruments.sameAs(told).stream()
                        .map(s -> new InstrumentPage.SameView(s.id(), s.name()))
                        .toList(),
                jobs.reversed().stream()
                        .map(Histories.Told::opened)
                        .filter(Objects::nonNull)
                        .filter(job -> !job.state().closed())
                        .map(job -> job.job().id())
                        .findFirst()
                        .orElse(null));
    }

    private static List<InstrumentPage.AirPointView> air(List<Visit> visits, Air air) {
        if (visits.isEmpty()) return List.of();
        return air.readings().stream()
                .filter(r -> !r.at().isBefore(visits.getFirst().at()))
                .map(r -> new InstrumentPage.AirPointView(r.at(), r.humidity(), AirWords.percent(r.humidity())))
                .toList();
    }

    private List<InstrumentPage.PersonView> players(List<Histories.Told> jobs) {
        Map<Long, String> all = new LinkedHashMap<>();
        for (Histories.Told job : jobs.reversed()) {
            long player = people.toldAs(register.playerOf(job.job()));
            all.computeIfAbsent(player, p -> people.find(p).name());
        }
        return all.entrySet().stream()
                .map(e -> new InstrumentPage.PersonView(e.getKey(), e.getValue()))
                .toList();
    }

    private static InstrumentPage.VisitView visit(Histories.Told told, FigureWords words) {
        OpenedJob opened = told.opened();
        Visit visit = told.visit();
        if (opened == null || visit == null)
            return new InstrumentPage.VisitView(
                    told.job(),
                    0,
                    Instant.EPOCH,
                    Instant.EPOCH,
                    false,
                    true,
                    "",
                    "",
                    "",
                    "",
                    null,
                    List.of(),
                    List.of(),
                    List.of());
        JobLog.Job job = opened.job();
        return new InstrumentPage.VisitView(
                job.id(),
                job.ticket(),
                visit.at(),
                visit.leftAt(),
                opened.state().closed(),
                false,
                job.player(),
                job.complaint(),
                visit.strings(),
                visit.tuning(),
                AirWords.cameAndLeft(opened.all(JobEvent.AirRead.class)),
                opened.last(JobEvent.AgreementSet.class)
                        .map(set -> offers(set.agreement()))
                        .orElse(List.of()),
                opened.condition(),
                visit.figures().stream()
                        .map(f -> new InstrumentPage.FigureView(
                                f.code(), whole(words, f, f.found()), whole(words, f, f.left())))
                        .toList());
    }

    private static List<String> offers(Agreement agreed) {
        return agreed.lines().stream()
                .filter(l -> l.kind() == Agreement.Kind.OFFER)
                .map(l -> l.text() + ", " + agreed.money().show(l.price())
                        + (l.why().isEmpty() ? "" : ": " + l.why()))
                .toList();
    }

    private static @Nullable String whole(FigureWords words, Figure figure, Figure.@Nullable Value value) {
        return value == null ? null : words.whole(figure, value);
    }

    private List<InstrumentPage.SeriesView> series(
            List<Visit> visits, Air air, InstrumentSpec spec, FigureWords words) {
        Map<String, Figure> newest = newest(visits);
        List<InstrumentPage.SeriesView> all = new ArrayList<>();
        newest.forEach((code, figure) -> {
            List<InstrumentPage.PointView> points = new ArrayList<>();
            for (Visit visit : visits)
                visit.figure(code).ifPresent(f -> {
                    // what is kept in another way of reading, since the facts were corrected, does not lie on this
                    // scale
                    if (!Objects.equals(f.method(), figure.method())) return;
                    if (f.found() != null) points.add(point(visit.job(), visit.at(), false, f, f.found(), words));
                    if (f.left() != null) points.add(point(visit.job(), visit.leftAt(), true, f, f.left(), words));
                });
            Band band = figure.band();
            all.add(new InstrumentPage.SeriesView(
                    code,
                    figure.label(),
                    words.suffix(figure),
                    FigureWords.method(figure),
                    band == null ? null : band.low(),
                    band == null ? null : band.high(),
                    band == null ? null : words.show(figure, band.low()) + " to " + words.show(figure, band.high()),
                    points,
                    forecast(code, visits, air, spec)
                            .map(f -> shown(f, figure, words))
                            .orElse(null)));
        });
        return all;
    }

    private static Map<String, Figure> newest(List<Visit> visits) {
        Map<String, Figure> newest = new LinkedHashMap<>();
        for (Visit visit : visits) for (Figure figure : visit.figures()) newest.put(figure.code(), figure);
        return newest;
    }

    private static InstrumentPage.PointView point(
            long job, Instant at, boolean left, Figure figure, Figure.Value value, FigureWords words) {
        return new InstrumentPage.PointView(
                job, at, left, value.value(), value.sd(), value.read(), words.whole(figure, value));
    }

    /**
     * What is expected in the coming season.
     *
     * @param left what it was when it left last
     */
    private record Coming(ZonedDateTime when, Figure.Value left, Normal value) {
        /** A month, and the air that is usual in it. */
        private record Then(ZonedDateTime when, Air.Month air) {}
    }

    private Optional<Coming> forecast(String code, List<Visit> visits, Air air, InstrumentSpec spec) {
        Visit last = visits.reversed().stream()
                .filter(v -> v.figure(code).map(Figure::left).isPresent())
                .findFirst()
                .orElse(null);
        Optional<Coming.Then> then = coming(air);
        if (last == null || then.isEmpty()) return Optional.empty();
        Figure.Value left =
                Objects.requireNonNull(last.figure(code).orElseThrow().left());
        Optional<Double> taken = air.taken(last.leftAt());
        if (taken.isEmpty()) return Optional.empty();
        return AirResponse.of(code, spec.kind(), visits, air)
                .map(response -> new Coming(
                        then.get().when(),
                        left,
                        response.forecast(left, taken.get(), then.get().air())));
    }

    /** The month about a season ahead whose air is known best. */
    private Optional<Coming.Then> coming(Air air) {
        ZonedDateTime now = clock.instant().atZone(Days.zone());
        return IntStream.of(MONTHS_AHEAD)
                .mapToObj(now::plusMonths)
                .flatMap(
                        when -> air
                                .usual(when.getMonthValue(), when.getZone())
                                .map(month -> new Coming.Then(when, month))
                                .stream())
                .findFirst();
    }

    private static InstrumentPage.ForecastView shown(Coming coming, Figure figure, FigureWords words) {
        Normal value = coming.value();
        return new InstrumentPage.ForecastView(
                coming.when().toInstant(),
                value.mean(),
                value.mean() - NINE_IN_TEN * value.sd(),
                value.mean() + NINE_IN_TEN * value.sd(),
                "about " + words.show(figure, value.mean()) + " " + words.suffix(figure) + " in "
                        + spoken(coming.when().getMonth()));
    }

    private static String spoken(Month month) {
        return month.getDisplayName(TextStyle.FULL, Locale.ENGLISH);
    }

    private List<String> forecasts(List<Visit> visits, Air air, InstrumentSpec spec, FigureWords words) {
        List<String> said = new ArrayList<>();
        Map<String, Figure> newest = newest(visits);
        for (Figure figure : newest.values()) {
            forecast(figure.code(), visits, air, spec).ifPresent(coming -> {
                double change = coming.value().mean() - coming.left().value();
                // less than a hand repeats is not worth a sentence
                if (Math.abs(change) < WORTH_SAYING) return;
                said.add(figure.label() + " follows the air: about " + words.spread(figure, Math.abs(change)) + " "
                        + words.suffix(figure) + (change > 0 ? " higher" : " lower") + " in "
                        + spoken(coming.when().getMonth()) + " than it was left, ±\u00a0"
                        + words.spread(figure, coming.value().sd()) + ".");
            });
        }
        return said;
    }

    /** Smaller changes with the season are not told, mm. */
    private static final double WORTH_SAYING = 0.05;

    private static List<String> changes(List<Visit> visits, Air air, InstrumentSpec spec, FigureWords words) {
        if (visits.size() < 2) return List.of();
        return Changed.between(visits.get(visits.size() - 2), visits.getLast(), spec.kind(), air).stream()
                .map(words::changed)
                .toList();
    }

    private List<InstrumentPage.VersionView> versions(long id) {
        List<Instruments.Version> all = instruments.versions(id);
        List<InstrumentPage.VersionView> told = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            List<String> changes = i + 1 < all.size()
                    ? FactsChanged.between(view(all.get(i + 1)), view(all.get(i)))
                    : List.of("First stated");
            if (!changes.isEmpty())
                told.add(new InstrumentPage.VersionView(all.get(i).statedAt(), changes));
        }
        return told;
    }

    private static InstrumentView view(Instruments.Version version) {
        return InstrumentView.of(
                version.version(), version.named().name(), version.named().spec());
    }
}
