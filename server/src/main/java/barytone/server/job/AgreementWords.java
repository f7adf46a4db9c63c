package barytone.server.job;

import barytone.core.agreement.Agreement;
import barytone.core.agreement.Money;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/** What is said of what was agreed with the player. */
final class AgreementWords {
    private AgreementWords() {}

    /** An entry of the tape. */
    static String line(Agreement agreed) {
        long work = agreed.lines().stream()
                .filter(l -> l.kind() != Agreement.Kind.OFFER)
                .count();
        return "Agreed: " + work + (work == 1 ? " line, " : " lines, ")
                + agreed.money().show(agreed.total())
                + (agreed.promised() == null ? "" : ", for " + Days.spoken(agreed.promised()))
                + (agreed.acceptedBy().isEmpty() ? "" : "; accepted by " + agreed.acceptedBy());
    }

    /** The agreement as the page shows it. */
    static AgreementView view(Agreement agreed) {
        Money money = agreed.money();
        List<String> sums = new ArrayList<>();
        if (agreed.taxPermille() > 0)
            sums.add((agreed.taxIncluded() ? "with " : "plus ") + percent(agreed.taxPermille()) + " tax, "
                    + money.show(agreed.tax()));
        return new AgreementView(
                agreed.lines().stream()
                        .map(l -> new AgreementView.LineView(l.kind(), l.text(), money.bare(l.price()), l.why()))
                        .toList(),
                sums,
                money.show(agreed.total()),
                agreed.worth() == null ? "" : money.bare(agreed.worth()),
                question(agreed),
                agreed.promised() == null ? "" : agreed.promised().toString(),
                agreed.promised() == null ? "" : Days.spoken(agreed.promised()),
                agreed.acceptedBy(),
                agreed.acceptedHow());
    }

    private static @Nullable String question(Agreement agreed) {
        Long worth = agreed.worth();
        if (worth == null || !agreed.isMuch()) return null;
        return "This comes to " + Math.round(100.0 * agreed.total() / worth) + " % of what it is worth ("
                + agreed.money().show(worth) + "). Ask whether it is worth it, with the figures.";
    }

    /** A tax in percent. */
    static String percent(int permille) {
        return (permille % 10 == 0
                        ? String.valueOf(permille / 10)
                        : String.format(Locale.ROOT, "%.1f", permille / 10.0))
                + " %";
    }
}
