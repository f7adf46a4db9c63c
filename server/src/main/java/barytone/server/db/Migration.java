package barytone.server.db;

import java.io.PrintStream;
import java.nio.file.Path;
import java.util.Locale;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.callback.Callback;
import org.flywaydb.core.api.callback.Context;
import org.flywaydb.core.api.callback.Event;

/**
 * Brings a database of an earlier version up to this one. A backup is made before; each step is one transaction, so that after an interruption the next start goes
 * on where it was.
 */
final class Migration {
    private Migration() {}

    /**
     * Makes the database or brings it up to date.
     *
     * @param told where the progress is told
     * @throws DataTroubleException when it is not one that can be
     */
    static void run(DataFolder folder, PrintStream told) {
        Path file = folder.database();
        int version = DatabaseFile.version(file, false);
        int newest = DatabaseFile.newest();
        if (version == newest) return;
        if (version > 0) {
            told.println(String.format(
                    Locale.ROOT,
                    "Bringing the database of version %d (%.1f MB) to version %d. This can be interrupted; it goes on at the next start.",
                    version,
                    size(file) / 1e6,
                    newest));
            told.println("  first a backup …");
            told.println("  kept as " + Backup.beforeMigration(folder, version));
        }
        try {
            Flyway.configure()
                    .dataSource(DatabaseFile.source(file, true))
                    .callbacks(new Progress(version > 0 ? newest : 0, told))
                    .load()
                    .migrate();
        } catch (RuntimeException e) {
            StorageTrouble trouble = StorageTrouble.in(e);
            if (trouble == null) throw e;
            throw new DataTroubleException("The database " + file + " could not be prepared. " + trouble.told(), e);
        }
    }

    private static long size(Path file) {
        return file.toFile().length()
                + file.resolveSibling(file.getFileName() + "-wal").toFile().length();
    }

    /** A line for every step. */
    private static final class Progress implements Callback {
        private final int newest;
        private final PrintStream told;
        private long began;

        Progress(int newest, PrintStream told) {
            this.newest = newest;
            this.told = told;
        }

        @Override
        public boolean supports(Event event, Context context) {
            return newest > 0 && (event == Event.BEFORE_EACH_MIGRATE || event == Event.AFTER_EACH_MIGRATE);
        }

        @Override
        public boolean canHandleInTransaction(Event event, Context context) {
            return true;
        }

        @Override
        public void handle(Event event, Context context) {
            if (event == Event.BEFORE_EACH_MIGRATE) {
                began = System.nanoTime();
                told.println("  step " + context.getMigrationInfo().getVersion() + " of " + newest + ": "
                        + context.getMigrationInfo().getDescription() + " …");
                return;
            }
            told.println(String.format(Locale.ROOT, "  done in %.1f s", (System.nanoTime() - began) / 1e9));
        }

        @Override
        public String getCallbackName() {
            return "progress";
        }
    }
}
