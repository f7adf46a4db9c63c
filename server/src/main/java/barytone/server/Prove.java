package barytone.server;

import barytone.core.quantity.Allowed;
import barytone.core.workshop.Adversity;
import barytone.core.workshop.BenchGround;
import barytone.core.workshop.ProvingGround;
import barytone.core.workshop.ShopYear;
import barytone.core.workshop.World;
import java.io.PrintStream;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * The proving ground from the command line: {@code prove --instruments N --seed S [--world own|bench] [--without NAME] [--only NAME] [--json]}, or {@code prove --shop-year JOBS --seed S}: a year of promises, by the
 * queue and by a fixed rule. The own world draws
 * what the estimator assumes, the bench world everything of {@link Adversity} at once, less what is left out, or only what is named. With {@code --json} the last line
 * of output is one JSON object.
 */
final class Prove {
    private static final int USUAL = 500;

    private Prove() {}

    /** Runs it and returns the exit code: 0 when it ran, 2 when the arguments were wrong. */
    static int run(String[] args, PrintStream out, PrintStream err) {
        int instruments = USUAL;
        long seed = 1;
        boolean json = false;
        @Nullable World bench = null;
        double shopYear = 0;
        try {
            for (int i = 0; i < args.length; i++) {
                switch (args[i]) {
                    case "--instruments" -> instruments = Math.toIntExact(number(args, ++i));
                    case "--seed" -> seed = number(args, ++i);
                    case "--json" -> json = true;
                    case "--shop-year" -> shopYear = decimal(args, ++i);
                    case "--world" -> bench = world(text(args, ++i));
                    case "--without" ->
                        bench = (bench == null ? World.BENCH : bench).without(Adversity.ofCode(text(args, ++i)));
                    case "--only" -> bench = World.of(Adversity.ofCode(text(args, ++i)));
                    default ->
                        throw new IllegalArgumentException(
                                "prove takes --instruments N, --seed S, --world own or bench, --without NAME, --only NAME, --shop-year JOBS and --json, not “"
                                        + args[i] + "”");
                }
            }
            if (shopYear != 0) Allowed.number("--shop-year", shopYear, 0.5, 6, "jobs a day");
            if (instruments < 1 || instruments > 100_000)
                throw new IllegalArgumentException("instruments: given " + instruments + "; allowed is 1 to 100000.");
        } catch (IllegalArgumentException | ArithmeticException e) {
            err.println(e.getMessage());
            return 2;
        }
        long start = System.nanoTime();
        if (shopYear != 0) {
            for (ShopYear.Rule rule : ShopYear.Rule.values()) out.println(year(rule, shopYear, seed));
            return 0;
        }
        if (bench != null) {
            BenchGround ground = BenchGround.run(instruments, seed, bench);
            double seconds = (System.nanoTime() - start) / 1e9;
            out.println(json ? ProveBench.json(ground, seconds) : ProveBench.table(ground, seed, seconds));
            return 0;
        }
        ProvingGround ground = ProvingGround.run(instruments, seed);
        double seconds = (System.nanoTime() - start) / 1e9;
        out.println(json ? json(ground, seconds) : table(ground, seed, seconds));
        return 0;
    }

    /** The adversities of a world; null for the estimator's own, which is drawn otherwise. */
    private static @Nullable World world(String name) {
        return switch (name) {
            case "own" -> null;
            case "bench" -> World.BENCH;
            default -> throw new IllegalArgumentException("--world: given “" + name + "”; allowed are own and bench.");
        };
    }

    private static String text(String[] args, int index) {
        if (index >= args.length) throw new IllegalArgumentException(args[index - 1] + " needs a name");
        return args[index];
    }

    private static long number(String[] args, int index) {
        if (index >= args.length) throw new IllegalArgumentException(args[index - 1] + " needs a number");
        try {
            return Long.parseLong(args[index]);
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException(
                    args[index - 1] + ": given “" + args[index] + "”; allowed is a whole number.", e);
        }
    }

    private static double decimal(String[] args, int index) {
        if (index >= args.length) throw new IllegalArgumentException(args[index - 1] + " needs a number");
        try {
            return Double.parseDouble(args[index]);
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException(
                    args[index - 1] + ": given “" + args[index] + "”; allowed is a number.", e);
        }
    }

    private static String year(ShopYear.Rule rule, double jobs, long seed) {
        ShopYear year = ShopYear.run(rule, jobs, seed);
        return String.format(
                Locale.ROOT,
                "{\"rule\":\"%s\",\"jobsPerDay\":%.1f,\"seed\":%d,\"promised\":%d,\"kept\":%d,\"share\":%.3f,\"workingDaysPromised\":%.2f,\"workingDaysTaken\":%.2f}",
                rule == ShopYear.Rule.QUEUE ? "queue" : "three-days",
                jobs,
                seed,
                year.promised(),
                year.kept(),
                year.share(),
                year.waited(),
                year.took());
    }

    private static String json(ProvingGround g, double seconds) {
        return String.format(
                Locale.ROOT,
                "{\"instruments\":%d,\"inBand\":%d,\"unsafe\":%d,\"readings\":%d,\"moves\":%d,\"retunes\":%d,\"overshoots\":%d,"
                        + "\"baselineReadings\":%d,\"baselineMoves\":%d,\"seconds\":%.1f}",
                g.instruments(),
                g.inBand(),
                g.unsafe(),
                g.readings(),
                g.moves(),
                g.retunes(),
                g.overshoots(),
                g.baselineReadings(),
                g.baselineMoves(),
                seconds);
    }

    private static String table(ProvingGround g, long seed, double seconds) {
        double n = g.instruments();
        return String.format(
                Locale.ROOT,
                """
                %d instruments, seed %d, %.1f s
                                              next move   fixed order
                every target truly in band      %6.1f %%      %6.1f %%
                the same as far as can be read  %6.1f %%
                readings per instrument         %8.1f      %8.1f
                moves per instrument            %8.1f      %8.1f
                retunes per instrument          %8.1f      %8.1f
                overshoots per instrument       %8.2f
                unsafe steps, all together      %8d""",
                g.instruments(),
                seed,
                seconds,
                100 * g.inBand() / n,
                100 * g.baselineInBand() / n,
                100 * g.inBandMeasurable() / n,
                g.readings() / n,
                g.baselineReadings() / n,
                g.moves() / n,
                g.baselineMoves() / n,
                g.retunes() / n,
                g.baselineMoves() / n,
                g.overshoots() / n,
                g.unsafe());
    }
}
