package barytone.server.records;

import barytone.core.quantity.Allowed;
import barytone.server.instruments.Instruments;
import barytone.server.job.JobRegister;
import barytone.server.people.People;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** One search over players, instruments, tickets and tunings. */
@Component
class Search {
    /** How many are told at once. */
    static final int MOST = 20;

    private static final int LONGEST = 200;

    private final Instruments instruments;
    private final People people;
    private final JobRegister register;

    Search(Instruments instruments, People people, JobRegister register) {
        this.instruments = instruments;
        this.people = people;
        this.register = register;
    }

    /** What is looked for. */
    enum What {
        ALL,
        PLAYERS,
        INSTRUMENTS
    }

    /** What was found. */
    enum Kind {
        PLAYER,
        INSTRUMENT,
        JOB
    }

    /**
     * One that was found.
     *
     * @param detail what tells it from others
     */
    record Hit(Kind what, long id, String title, String detail) {}

    /**
     * Some of those that were found, the best first.
     *
     * @param count of all
     * @param from how many better ones are left out
     * @param most how many are told at once
     */
    record Found(int count, int from, int most, List<Hit> hits) {}

    /** One with how well it fits, and how lately it was here. */
    private record Scored(int fit, long latest, Hit hit) {}

    /**
     * Looks for words.
     *
     * @param archived whether those that were taken out of the lists are looked through as well
     */
    @Transactional(readOnly = true)
    public Found find(String words, What what, int from, boolean archived) {
        if (words.length() > LONGEST)
            throw Allowed.broken("words", words.length() + " characters", "at most " + LONGEST);
        Allowed.whole("from", from, 0, 1_000_000);
        Likeness typed = Likeness.to(words);
        List<Scored> all = new ArrayList<>();
        Map<Long, JobRegister.Latest> byInstrument = register.latestByInstrument();
        if (what != What.PLAYERS)
            for (Instruments.Listed one : instruments.list(archived)) {
                JobRegister.Latest latest = byInstrument.get(one.id());
                int fit = Math.max(
                        typed.of(one.name() + " " + one.make()),
                        Math.max(typed.of(tuning(one)), typed.of(one.kind().label())));
                if (fit == 0 && latest != null) fit = typed.of(one.name() + " " + latest.player()) / 2;
                if (fit > 0)
                    all.add(new Scored(
                            fit,
                            latest == null ? 0 : latest.job(),
                            new Hit(Kind.INSTRUMENT, one.id(), one.name(), detail(one, latest))));
            }
        if (what != What.INSTRUMENTS) {
            Map<Long, JobRegister.Latest> byPlayer = register.latestByPlayer();
            for (People.Player one : people.list(archived)) {
                JobRegister.Latest latest = byPlayer.get(one.id());
                int fit = typed.of(one.name());
                if (fit > 0)
                    all.add(new Scored(
                            fit,
                            latest == null ? 0 : latest.job(),
                            new Hit(
                                    Kind.PLAYER,
                                    one.id(),
                                    one.name(),
                                    latest == null ? "" : "last with " + latest.instrument())));
            }
        }
        if (what == What.ALL && words.strip().matches("0*[1-9][0-9]{0,8}"))
            register.ofTicket(Long.parseLong(words.strip()))
                    .ifPresent(job -> all.add(new Scored(
                            Integer.MAX_VALUE,
                            job.job(),
                            new Hit(
                                    Kind.JOB,
                                    job.job(),
                                    String.format(Locale.ROOT, "Ticket %04d", Long.parseLong(words.strip())),
                                    job.instrument() + ", " + job.player()))));
        List<Hit> sorted = all.stream()
                .sorted(Comparator.comparingInt(Scored::fit)
                        .thenComparingLong(Scored::latest)
                        .reversed())
                .map(Scored::hit)
                .toList();
        return new Found(
                sorted.size(),
                from,
                MOST,
                sorted.subList(Math.min(from, sorted.size()), Math.min(from + MOST, sorted.size())));
    }

    /** A tuning is typed with blanks or without, and mostly without octaves. */
    private static String tuning(Instruments.Listed one) {
        String names = one.tuning().replaceAll("-?\\d", "");
        return one.tuning() + " " + names + " " + names.replace(" ", "");
    }

    private static String detail(Instruments.Listed one, JobRegister.@Nullable Latest latest) {
        return one.kind().label()
                + (latest == null ? "" : ", " + latest.player())
                + (one.archivedAt() == null ? "" : ", archived");
    }
}
