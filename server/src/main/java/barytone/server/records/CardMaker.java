package barytone.server.records;

import barytone.core.agreement.Agreement;
import barytone.core.quantity.Units;
import barytone.server.instruments.Instruments;
import barytone.server.job.AgreementView;
import barytone.server.job.Days;
import barytone.server.job.HandedOver;
import barytone.server.job.JobDesk;
import barytone.server.job.JobLog;
import barytone.server.job.Stands;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Makes the card of a job from what it hands over. */
@Component
class CardMaker {
    private static final int LAYOUT = 1;

    private final JobDesk desk;
    private final Instruments instruments;

    CardMaker(JobDesk desk, Instruments instruments) {
        this.desk = desk;
        this.instruments = instruments;
    }

    /**
     * The card as it stands now.
     *
     * @param base where Barytone is reached, as in {@code http://bench:8640}; empty when that is not known
     */
    Card make(long job, Units units, String base) {
        HandedOver all = desk.handedOver(job, units);
        JobLog.Job about = all.job();
        long instrument = instruments.toldAs(about.instrumentId());
        List<Card.Table> tables = tables(all.lines());
        return new Card(
                LAYOUT,
                about.ticket(),
                Days.onRecord(all.came()),
                Days.onRecord(all.left()),
                about.player(),
                about.instrument(),
                about.spec().kind().label(),
                instruments.about(instrument).make(),
                about.spec().fittings().strings().text(),
                about.spec().tuningText(),
                all.air() == null ? "" : all.air(),
                about.complaint(),
                all.condition(),
                all.written().found(),
                tables,
                all.methods(),
                all.work(),
                all.lines().stream()
                        .filter(line -> line.left() != null && line.verdict() != Stands.IN)
                        .map(line -> line.quantity() + ", " + line.column() + ": " + line.verdictText())
                        .toList(),
                all.onRecord(),
                bill(all.agreement()),
                all.written().advice(),
                lookAgain(all),
                CardPicture.of(all.found(), all.now()),
                base.isEmpty() ? "" : base + "/instruments/" + instrument,
                ready(about, tables, all.needsNothing()));
    }

    private static String lookAgain(HandedOver all) {
        String said = all.written().lookAgain().isEmpty()
                ? all.written().usual()
                : all.written().lookAgain();
        return all.followUp() == null ? said : all.followUp() + ". " + said;
    }

    private static List<Card.Table> tables(List<HandedOver.Line> lines) {
        Map<String, List<HandedOver.Line>> grouped = lines.stream()
                .collect(Collectors.groupingBy(HandedOver.Line::quantity, LinkedHashMap::new, Collectors.toList()));
        List<Card.Table> tables = new ArrayList<>();
        grouped.forEach((quantity, all) -> tables.add(new Card.Table(
                quantity,
                all.getFirst().suffix(),
                all.stream()
                        .map(line -> new Card.Column(
                                line.column(),
                                line.found() == null ? "–" : line.found(),
                                line.left() == null ? "–" : line.left(),
                                line.reckoned()))
                        .toList())));
        return tables;
    }

    private static Card.@Nullable Bill bill(@Nullable AgreementView agreed) {
        if (agreed == null || agreed.lines().isEmpty()) return null;
        return new Card.Bill(
                agreed.lines().stream()
                        .filter(l -> l.kind() != Agreement.Kind.OFFER)
                        .map(l -> new Card.Item(
                                l.text(), l.kind() == Agreement.Kind.GOODWILL ? "for nothing" : l.price()))
                        .toList(),
                agreed.sums(),
                agreed.total(),
                agreed.lines().stream()
                        .filter(l -> l.kind() == Agreement.Kind.OFFER)
                        .map(l -> new Card.Item(l.text() + (l.why().isEmpty() ? "" : ": " + l.why()), l.price()))
                        .toList());
    }

    /** “Ready” in a sentence or two, to be copied into a message. */
    private static String ready(JobLog.Job about, List<Card.Table> tables, boolean needsNothing) {
        String figures = tables.stream()
                .filter(t -> t.quantity().equals("Relief") || t.quantity().equals("Action"))
                .map(t -> t.quantity().toLowerCase(Locale.ROOT) + " "
                        + t.columns().getFirst().left() + " / "
                        + t.columns().getLast().left() + " " + t.unit())
                .collect(Collectors.joining(", "));
        return about.instrument() + (needsNothing ? " was measured and needs nothing" : " is ready") + " (ticket "
                + String.format(Locale.ROOT, "%04d", about.ticket()) + ")."
                + (figures.isEmpty() ? "" : " Left with " + figures + ", bass / treble.");
    }
}
