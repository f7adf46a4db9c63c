package barytone.server;

import barytone.core.practice.ProvingGround;
import java.io.PrintStream;
import java.util.Locale;

/**
 * The proving ground from the command line: {@code prove --instruments N --seed S [--json]}. With {@code --json} the last line of
 * output is one JSON object.
 */
final class Prove {
    private static final int USUAL = 500;

    private Prove() {}

    /** Runs it and returns the exit code: 0 when it ran, 2 when the arguments were wrong. */
    static int run(String[] args, PrintStream out, PrintStream err) {
        int instruments = USUAL;
        long seed = 1;
        boolean json = false;
        try {
            for (int i = 0; i < args.length; i++) {
                switch (args[i]) {
                    case "--instruments" -> instruments = Math.toIntExact(number(args, ++i));
                    case "--seed" -> seed = number(args, ++i);
                    case "--json" -> json = true;
                    default ->
                        throw new IllegalArgumentException(
                                "prove takes --instruments N, --seed S and --json, not “" + args[i] + "”");
                }
            }
            if (instruments < 1 || instruments > 100_000)
                throw new IllegalArgumentException("instruments: given " + instruments + "; allowed is 1 to 100000.");
        } catch (IllegalArgumentException | ArithmeticException e) {
            err.println(e.getMessage());
            return 2;
        }
        long start = System.nanoTime();
        ProvingGround ground = ProvingGround.run(instruments, seed);
        double seconds = (System.nanoTime() - start) / 1e9;
        out.println(json ? json(ground, seconds) : table(ground, seed, seconds));
        return 0;
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
