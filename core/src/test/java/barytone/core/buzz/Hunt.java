package barytone.core.buzz;

import barytone.core.buzz.cause.Causes;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** A hunt from a paper case until what it was is sure, each test showing what the true causes show most often. */
record Hunt(double minutes, boolean found) {
    private static final int LONGEST = 30;

    /** With the next test that is proposed each time. */
    static Hunt advised(PaperCase paper) {
        List<TestResult> tests = new ArrayList<>(paper.tests());
        double minutes = 0;
        for (int i = 0; i < LONGEST; i++) {
            Diagnosis diagnosis = Diagnosis.of(paper.board(), paper.map(), paper.findings(), tests);
            if (sure(paper, diagnosis)) return new Hunt(minutes, true);
            Optional<NextTest> next = diagnosis.next();
            if (next.isEmpty()) return new Hunt(minutes, named(paper, diagnosis));
            minutes += next.get().test().minutes();
            tests.add(shown(
                    paper, next.get().test(), next.get().string(), next.get().fret()));
        }
        return new Hunt(minutes, false);
    }

    /** In the fixed order of relief, nut, action, frets, hardware, strings, with the same judgement of what the tests show. */
    static Hunt inFixedOrder(PaperCase paper) {
        List<TestResult> tests = new ArrayList<>(paper.tests());
        double minutes = 0;
        boolean news = true;
        for (NextTest next : order(paper)) {
            // what shows nothing settles nothing
            if (news && sure(paper, Diagnosis.of(paper.board(), paper.map(), paper.findings(), tests)))
                return new Hunt(minutes, true);
            int string = next.string() == null ? 0 : next.string();
            if (paper.findings().answers(next.test(), string)) continue;
            minutes += next.test().minutes();
            tests.add(shown(paper, next.test(), next.string(), next.fret()));
        }
        return new Hunt(minutes, named(paper, Diagnosis.of(paper.board(), paper.map(), paper.findings(), tests)));
    }

    private static List<NextTest> order(PaperCase paper) {
        List<NextTest> order = new ArrayList<>();
        board(order, BuzzTest.READ_RELIEF);
        strings(order, paper, BuzzTest.PRESS_AT_3);
        strings(order, paper, BuzzTest.LOOK_SLOT);
        board(order, BuzzTest.GAUGE_AT_BRIDGE);
        board(order, BuzzTest.SOFT_TOUCH);
        strings(order, paper, BuzzTest.RAISE_STRING);
        board(order, BuzzTest.STRAIGHTEDGE_END);
        board(order, BuzzTest.STRAIGHTEDGE_BRIDGE);
        for (int fret = 2; fret < paper.board().frets(); fret += 1)
            order.add(new NextTest(BuzzTest.ROCKER, null, fret, 0));
        for (int fret = 1; fret <= 9; fret++) order.add(new NextTest(BuzzTest.LOOK_FRET, null, fret, 0));
        for (int fret = 1; fret <= paper.board().frets(); fret++)
            order.add(new NextTest(BuzzTest.THUMB_FRET_END, null, fret, 0));
        for (BuzzTest tap :
                List.of(BuzzTest.TAP_HEAD, BuzzTest.TAP_BODY, BuzzTest.TAP_TOP, BuzzTest.SHAKE, BuzzTest.KNOCK_NECK))
            board(order, tap);
        board(order, BuzzTest.DAMP_BEHIND_NUT);
        board(order, BuzzTest.DAMP_SPRINGS);
        strings(order, paper, BuzzTest.PRESS_AT_SADDLE);
        strings(order, paper, BuzzTest.HOLD_SADDLE);
        strings(order, paper, BuzzTest.PRESS_BEHIND_NUT);
        board(order, BuzzTest.LOWER_PICKUP);
        board(order, BuzzTest.FRET_CLOSER);
        board(order, BuzzTest.READ_HUMIDITY);
        board(order, BuzzTest.MOVE_PLACE);
        strings(order, paper, BuzzTest.OPEN_AGAINST_HARMONIC);
        strings(order, paper, BuzzTest.RESEAT_STRING);
        strings(order, paper, BuzzTest.SWAP_STRING);
        return order;
    }

    private static void board(List<NextTest> order, BuzzTest test) {
        order.add(new NextTest(test, null, null, 0));
    }

    /** Only those strings on which something is heard. */
    private static void strings(List<NextTest> order, PaperCase paper, BuzzTest test) {
        for (int s = 1; s <= paper.board().strings(); s++) {
            int string = s;
            if (paper.map().bad().stream().anyMatch(n -> n.string() == string))
                order.add(new NextTest(test, s, null, 0));
        }
    }

    private static boolean sure(PaperCase paper, Diagnosis diagnosis) {
        return paper.truth().stream()
                .allMatch(code -> diagnosis.suspects().stream()
                        .anyMatch(s -> s.cause().code().equals(code) && s.probability() >= Diagnosis.SURE));
    }

    private static boolean named(PaperCase paper, Diagnosis diagnosis) {
        return diagnosis.suspects().stream()
                .limit(paper.truth().size())
                .map(s -> s.cause().code())
                .toList()
                .containsAll(paper.truth());
    }

    /** What the true causes show most often. */
    private static TestResult shown(PaperCase paper, BuzzTest test, @Nullable Integer string, @Nullable Integer fret) {
        Outcome outcome = test.usual();
        for (String code : paper.truth()) {
            Cause cause = Causes.byCode(code).orElseThrow();
            if (!cause.met(paper.place(cause), new TestResult(test, test.usual(), string, fret))) continue;
            double signs = test.outcomes().stream()
                    .mapToDouble(o -> cause.chanceOf(test, o))
                    .sum();
            double most = 1 - signs;
            for (Outcome o : test.outcomes())
                if (cause.chanceOf(test, o) > most) {
                    most = cause.chanceOf(test, o);
                    outcome = o;
                }
        }
        return new TestResult(test, outcome, string, fret);
    }
}
